/** Why somebody is asked for something before a coat. Apart from the asking: only who is about to answer reads it. */
export const handReasons: Readonly<Record<string, string>> = {
  sds: 'It decides what is worn and what is kept away. Asked once of each person, and again when the sheet is revised.',
  'sds-default':
    'Some or all of what is listed here is what such products usually hold, not read from its paper. Where the paper says more, change the sheet first.',
  'dust-worn': 'Half-cured film sets free what it was sprayed with, as dust.',
  'dust-sanded': 'Sanding dust goes deeper than mist. The safety sheet decides.',
  manual: 'Each machine lets its pressure out in its own way. Asked once of each person.',
  confined:
    'It fills quicker than one notices; whoever goes in after you falls too. Licensed practice decides.',
  'breathing-air':
    'A hood fed with bad air is worse than none: oil, carbon monoxide and vapour do not smell in time.',
  ignition: 'Vapour travels along the floor to the spark.',
  earth: 'A stream through a hose charges what it touches; the spark finds the vapour.',
  extraction: 'It carries off vapour, mist and the dust of the last coat.',
  guard: 'The jet goes through skin and glove. An injection is an emergency, however small it looks.',
  lids: 'An open pail gives off vapour all shift, whether or not anybody sprays.',
  help: 'Alone and blind there is nobody to find the tap.',
  access: 'A hand that holds on does not hold its distance.',
  swing: 'A cramped stroke arcs and starts on the part.',
  light: 'Dust, dry edges and runs show only in low light.',
  'air-dry': 'Water in the line gives fish-eyes, blush and rust.',
  'spray-out': 'A colour is matched by eye: by its code it is only near.',
  supports: 'A wet part has nowhere else to go.',
  masking:
    'What must stay free of it is cheaper to mask than to clean. Tape comes off before the film is hard.',
};
