/** Units and signs as a voice says them: one, and several. What is not here is read as it stands. */
const said: readonly (readonly [sign: string, one: string, many: string])[] = [
  ['µm', 'micrometre', 'micrometres'],
  ['mm', 'millimetre', 'millimetres'],
  ['cm', 'centimetre', 'centimetres'],
  ['m/s', 'metre a second', 'metres a second'],
  ['ft/s', 'foot a second', 'feet a second'],
  ['ft', 'foot', 'feet'],
  ['in', 'inch', 'inches'],
  ['mil', 'mil', 'mils'],
  ['mils', 'mil', 'mils'],
  ['mL', 'millilitre', 'millilitres'],
  ['fl oz', 'fluid ounce', 'fluid ounces'],
  ['oz', 'ounce', 'ounces'],
  ['lb', 'pound', 'pounds'],
  ['kg', 'kilogram', 'kilograms'],
  ['g', 'gram', 'grams'],
  ['min', 'minute', 'minutes'],
  ['s', 'second', 'seconds'],
  ['h', 'hour', 'hours'],
  ['bar', 'bar', 'bar'],
  ['psi', 'P S I', 'P S I'],
  ['°C', 'degree', 'degrees'],
  ['°F', 'degree', 'degrees'],
  ['%', 'percent', 'percent'],
  ['L', 'litre', 'litres'],
  ['m', 'metre', 'metres'],
];
const bySign = new Map(said.map(([sign, one, many]) => [sign, { one, many }]));

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\/]/g, String.raw`\$&`);
const quantity = new RegExp(
  `(\\d[\\d.,]*)\\u00a0(${[...bySign.keys()]
    .sort((a, b) => b.length - a.length)
    .map(escaped)
    .join('|')})(?![\\w/])`,
  'g',
);

/** `5:00` on a clock that counts down: minutes and seconds, or hours, minutes and seconds. */
function clock(text: string): string {
  const parts = text.split(':').map(Number);
  const [s = 0, min = 0, h = 0] = parts.reverse();
  const told = [
    [h, 'hour'],
    [min, 'minute'],
    // Whoever waits an hour does not wait for seconds.
    [h > 0 ? 0 : s, 'second'],
  ] as const;
  const whole = told.filter(([n]) => n > 0).map(([n, word]) => `${n} ${word}${n === 1 ? '' : 's'}`);
  return whole.length > 0 ? whole.join(' ') : '0 seconds';
}

/** A sentence of the screen as a voice should read it: units in words, dashes as `to`, no signs that only an eye knows. */
export const spokenOf = (text: string): string =>
  text
    .replace(/(\d)\s?[–−]\s?(?=\d)/g, '$1 to ')
    .replace(quantity, (_all, number: string, sign: string) => {
      const word = bySign.get(sign);
      return `${number} ${number === '1' ? word?.one : word?.many}`;
    })
    .replace(/[■▲✓↓→]/g, '')
    .replace(/\s+/g, ' ')
    .trim();

/** What is left on a clock, as a voice says it: `9:30` is `9 minutes 30 seconds`. */
export const spokenClock = clock;
