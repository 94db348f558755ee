import fs from 'node:fs';
import path from 'node:path';

/** Phrases of our own that the trade does not use. */
const ours = [
  'What each one wants next',
  'Metal below',
  'Width of a face',
  'Sanded off again',
  'A known stack',
  'Lay it out',
  'Surface drinks',
  'The part lags by',
  'When would it be right',
  'A hand touched it',
  'Leave out',
  'Keep off',
  'Judged by',
  'Film only',
  'Truly',
  'as far as the cup can tell',
  'Starting belief',
  'past where it suffers',
  'Thinner a degree warmer',
  'Left to the sheet',
  'It is mixed like this',
  'Too much of one part is met',
  'passes the flow',
  'When one moves, this one gives way',
  'Drops beside the sheet',
  'past it the gun is none',
  'A good card holds for',
  'One, more spread',
  'Above the sea',
  'In our words',
  'The finger outranks the clock',
  'the transfer found is only a least',
  'Highest less lowest',
  'errs by a tenth of the spacing',
  'mixing reckoned with',
  'Solvent let go',
  'Overspray of what leaves',
  'It goes on.',
] as const;

/** Single words of ours, where the interface would say them as a name. */
const ourNames = [
  /(?:label=|label: |title=|name: )["']Rigs?["']/,
  /(?:label=|label: )["']Class["']/,
  /\bstarves\b/,
];

const sources = (folder: string): string[] =>
  fs
    .readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.tsx?$/.test(file) && !/\.test\.tsx?$/.test(file))
    .map((file) => path.join(folder, file));

/** What is left of a source without its comments: nobody reads those on screen. */
const withoutComments = (text: string): string =>
  text.replace(/\/\*[\s\S]*?\*\//g, '').replace(/(^|\s)\/\/.*$/gm, '$1');

describe('words of the trade', () => {
  const texts = sources(path.join(__dirname, '..')).map((file) => ({
    file: path.relative(path.join(__dirname, '..'), file),
    text: withoutComments(fs.readFileSync(file, 'utf8')).replace(/\s+/g, ' '),
  }));

  it.each(ours)('nobody is told “%s”', (phrase) => {
    expect(texts.filter(({ text }) => text.includes(phrase)).map(({ file }) => file)).toEqual([]);
  });

  it.each(ourNames)('nothing is named %s', (name) => {
    const said = texts.filter(
      ({ file, text }) =>
        !/^(core|facts|records)\//.test(file) &&
        name.test(text.replace(/case 'starves'|!== 'starves'|=== 'starves'/g, '')),
    );
    expect(said.map(({ file }) => file)).toEqual([]);
  });

  it('looks at the interface, and finds what is there', () => {
    expect(texts.length).toBeGreaterThan(300);
    expect(texts.some(({ text }) => text.includes('Ready-made systems'))).toBe(true);
  });
});
