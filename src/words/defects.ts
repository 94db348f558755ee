import type { AskedGroup, CureStage, Finding, ReworkStep } from '@/core/diagnosis';

/** What is asked of eye and finger, and how each answer reads. */
// prettier-ignore
export const questionWords: Record<AskedGroup, { readonly asks: string; readonly answers: Readonly<Record<string, string>> }> = {
  feel: { asks: 'How does it feel?', answers: { wet: 'Wet and heavy: waves, fat', dry: 'Dry and starved: rough, sandy', smooth: 'Smooth' } },
  where: { asks: 'Where is it?', answers: { all: 'All over', bands: 'In bands along the strokes', spots: 'In single spots', edges: 'At edges and ends', 'one-end': 'At one end of the fan', thick: 'Where the film is thick', low: 'Low on the part, in corners' } },
  when: { asks: 'When did it come?', answers: { spraying: 'While spraying', minutes: 'Within minutes', hours: 'After hours', days: 'After days or later' } },
  look: { asks: 'What is in it, seen close?', answers: { milky: 'A milky bloom', patchy: 'Light and dark patches', 'see-through': 'What is below shows', speck: 'A speck in the middle', clean: 'A clean round pit', bubbles: 'Bubbles or pinheads', broken: 'Cracks, folds or loose film', grain: 'Fine grain' } },
  below: { asks: 'How deep does it go?', answers: { top: 'Only the top coat', 'coat-below': 'To the coat below', bare: 'To the bare part' } },
  turns: { asks: 'Turn the cap half round. Does the pattern turn with it?', answers: { 'with-cap': 'It turns with the cap', stays: 'It stays as it was' } },
  again: { asks: 'Is it the first time?', answers: { once: 'It came once', returns: 'It comes back, job after job' } },
};

// prettier-ignore
const logWords: Partial<Record<Finding, string>> = {
  'viscosity:high': 'Thicker than the band', 'viscosity:low': 'Thinner than the band', 'viscosity:ok': 'Viscosity in the band',
  'heat:hot': 'Hotter than the sheet allows', 'heat:cold': 'Colder than the sheet allows', 'heat:ok': 'Warm enough, not too hot',
  'damp:humid': 'Damper than the sheet allows', 'damp:dry': 'Drier than the sheet allows', 'damp:ok': 'Humidity as the sheet wants it',
  'dew:tight': 'Part close to the dew point', 'dew:ok': 'Clear of the dew point',
  'pressure:low': 'Pressure under the sheet’s', 'pressure:high': 'Pressure over the sheet’s', 'pressure:ok': 'Pressure as the sheet has it',
  'distance:far': 'Gun further off than the sheet’s', 'distance:near': 'Gun closer than the sheet’s', 'distance:ok': 'Distance as the sheet has it',
  'speed:fast': 'Quicker than lays the film', 'speed:slow': 'Slower than lays the film', 'speed:ok': 'Pace that lays the film',
  'nozzle:large': 'Nozzle larger than the sheet’s', 'nozzle:small': 'Nozzle smaller than the sheet’s', 'nozzle:ok': 'Nozzle as the sheet has it',
  'film:thick': 'Film over its range', 'film:thin': 'Film under its range', 'film:uneven': 'Film uneven', 'film:ok': 'Film in its range',
  'overlap:short': 'Little overlap', 'overlap:ok': 'Overlap enough',
  'flash:short': 'Coat begun before its window', 'flash:ok': 'Flash kept', 'recoat:late': 'Coat begun after its window', 'recoat:ok': 'Window kept',
  'card:ok': 'Last card good', 'card:heavy-centre': 'Card heavy in the middle', 'card:split': 'Card split', 'card:one-sided': 'Card one-sided', 'card:crescent': 'Card bent', 'card:spitting': 'Card spits', 'card:tails': 'Card with tails', 'card:coarse': 'Card coarse', 'card:dry': 'Card dry',
  'pot:old': 'Sprayed past its pot life', 'pot:ok': 'Within its pot life', 'mix:off': 'Parts off their ratio', 'mix:ok': 'Ratio true',
  'rest:skipped': 'Sprayed before its rest was over', 'rest:ok': 'Rest kept', 'stir:late': 'Not stirred for long', 'stir:ok': 'Stirred in time',
  'timed:late': 'Not timed for long', 'timed:ok': 'Timed in time',
  'thinner:over': 'More thinner than the sheet allows', 'thinner:fast': 'Thinner for colder air', 'thinner:slow': 'Thinner for warmer air', 'thinner:ok': 'Thinner for this air',
  'prep:skipped': 'Not cleaned', 'prep:ok': 'Cleaned', 'tack:late': 'Not tacked just before', 'tack:ok': 'Tacked just before', 'abrade:skipped': 'Not abraded', 'abrade:ok': 'Abraded',
  'charged:left': 'Nothing against static in time', 'charged:ok': 'Antistatic wipe in time',
  'specks:fibres': 'Mostly fibres', 'specks:settled': 'More specks on what faced up', 'specks:rim': 'More specks along the edges', 'specks:all': 'Specks everywhere alike',
  'water:likely': 'Water in the air line likely', 'water:ok': 'Air line dry', 'wear:worn': 'Tip worn', 'wear:ok': 'Tip not worn', 'lot:new': 'Another lot than before', 'lot:ok': 'The same lot', 'can:old': 'From a can past its date', 'can:ok': 'Cans in date',
  'wiped:late': 'Cap not wiped in time', 'wiped:ok': 'Cap wiped in time',
  'cleaned:left': 'Gun not cleaned to the end before', 'cleaned:ok': 'Gun cleaned before', 'struck:yes': 'Gun, needle or tip had a fall', 'struck:ok': 'No fall on record',
};

/** A finding in words, whether the log or the eye told it. */
export function findingWords(finding: Finding): string {
  const [group = '', state = ''] = finding.split(':');
  return logWords[finding] ?? questionWords[group as AskedGroup]?.answers[state] ?? finding;
}

export const cureStageWords: Record<CureStage, string> = {
  wet: 'wet',
  tacky: 'tacky',
  dry: 'dry, not cured',
  cured: 'cured',
};

export const reworkWords: Record<ReworkStep, string> = {
  leave: 'Leave it alone; touching it makes it worse.',
  'flow-out': 'One light wet pass may still flow it out; then leave it.',
  'drop-coat': 'A drop coat from further off evens the colour.',
  'more-coat': 'Another coat inside the recoat window.',
  wait: 'Wait until it has hardened before anything else.',
  'nib-polish': 'Nib it, flat it fine and polish.',
  'flat-recoat': 'Flat it smooth, clean, recoat.',
  strip: 'Strip to a sound layer and begin again from there.',
  'clean-stop': 'Stop. Do not chase it with more paint: find the oil or the water first.',
  'wipe-off':
    'While it is wet: lift it off with a cloth and the thinner the sheet names, let it dry, begin again.',
  'mend-gun': 'Mend the gun first: nothing sprayed before that will be better.',
  prime: 'Bare metal dry and bright, then prime at once.',
};
