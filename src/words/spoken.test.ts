import { spokenClock, spokenOf } from './spoken';

test.each([
  ['Keep 93\u00a0µm wet.', 'Keep 93 micrometres wet.'],
  ['Add 271\u00a0g water.', 'Add 271 grams water.'],
  ['Strokes 130\u00a0mm apart at 0.45\u00a0m/s.', 'Strokes 130 millimetres apart at 0.45 metres a second.'],
  ['21–25\u00a0s', '21 to 25 seconds'],
  ['1\u00a0L of 3.5\u00a0bar', '1 litre of 3.5 bar'],
  ['▲ 4.2\u00a0mils', '4.2 mils'],
  ['Saloon doors', 'Saloon doors'],
  ['P500 in 3\u00a0h', 'P500 in 3 hours'],
])('%s is said as %s', (text, says) => expect(spokenOf(text)).toBe(says));

test.each([
  ['9:30', '9 minutes 30 seconds'],
  ['0:01', '1 second'],
  ['1:00:20', '1 hour'],
  ['0:00', '0 seconds'],
])('%s on a clock is %s', (text, says) => expect(spokenClock(text)).toBe(says));
