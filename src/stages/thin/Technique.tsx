'use client';

/** How a cup is timed, as cards to hold beside it. */
const cards = {
  stand: [
    [
      'Clean',
      'Wash the cup and the orifice with the coating’s thinner and a soft cloth. Never poke it with metal.',
    ],
    ['Strain', 'Pour through a fine strainer: one speck in the orifice is a wrong reading.'],
    ['Temperature', 'Bring cup and mix to the same temperature, and read it in the mix, not in the room.'],
    [
      'Level',
      'Stand it level, finger on the orifice. Fill to the rim, let bubbles rise, scrape the rim off.',
    ],
    ['Break', 'Open and start together. Stop at the first break of the stream, not at the last drop.'],
    ['Twice', 'Two timings within 5 %, or time a third. Stir between them.'],
  ],
  dip: [
    ['Clean', 'Clean inside and out. A dried film in the orifice makes a thin mix read thick.'],
    ['Sink', 'Sink it whole into the stirred mix and leave it there till it is as warm as the mix.'],
    ['Lift', 'Lift it out straight and quickly. Start as the rim leaves the surface.'],
    ['Watch', 'Hold it still, not over 15 cm up, and look close under the orifice.'],
    ['Break', 'Stop at the first break of the stream there. Drops after it do not count.'],
    ['Twice', 'Two timings within 5 %, or time a third.'],
  ],
} as const;

export function Technique({ use }: { readonly use: 'stand' | 'dip' }) {
  return (
    <details className="border-b border-hairline px-4 py-3 md:px-5">
      <summary className="flex min-h-11 items-center font-bold">
        How to time a {use === 'stand' ? 'stand' : 'dip'} cup
      </summary>
      <ol className="grid gap-2 sm:grid-cols-2">
        {cards[use].map(([name, says], i) => (
          <li key={name} className="border-l-4 border-act bg-sheet px-3 py-2 text-sm">
            <b>
              {i + 1}. {name}.
            </b>{' '}
            {says}
          </li>
        ))}
      </ol>
    </details>
  );
}
