import fs from 'node:fs';
import path from 'node:path';
import { score } from '../../../bench/sheets/score';
import { factsAsJson, paperOfPages, paperOfText, readSheet, type Paper, type Placed } from '.';

const folder = (name: string) => path.join('bench', 'sheets', name);
const texts = (name: string) =>
  fs
    .readdirSync(folder(name))
    .filter((file) => file.endsWith('.txt'))
    .map((file) => ({
      file,
      text: fs.readFileSync(path.join(folder(name), file), 'utf8'),
      truth: JSON.parse(
        fs.readFileSync(path.join(folder(name), file.replace(/\.txt$/, '.json')), 'utf8'),
      ) as Record<string, unknown>,
    }));

/** The text as a document places it: what stands apart in a line is a piece of its own, in narrow letters. */
const pagesOf = (text: string): Placed[][] => [
  text.split('\n').flatMap((line, i) =>
    [...line.matchAll(/\S+(?: \S+)*/g)].map((match) => ({
      text: match[0],
      x: 40 + match.index * 5.4,
      y: 4000 - i * 13,
      width: match[0].length * 4.4,
      height: 9,
    })),
  ),
];

const total = (name: string, paper: (text: string) => Paper) => {
  const scores = texts(name).map(({ text, truth }) =>
    score(truth, factsAsJson(readSheet(paper(text)).facts) as Record<string, unknown>),
  );
  const sum = (of: (each: (typeof scores)[number]) => number) =>
    scores.reduce((all, each) => all + of(each), 0);
  const stated = sum((each) => each.stated);
  return {
    sheets: scores.length,
    right: sum((each) => each.right) / stated,
    wrong: sum((each) => each.wrong.length) / stated,
  };
};

describe('whole sheets', () => {
  it.each(texts('tuned'))('$file is read without a wrong fact', ({ text, truth }) => {
    const { wrong, right, stated } = score(
      truth,
      factsAsJson(readSheet(paperOfText(text)).facts) as Record<string, unknown>,
    );
    expect(wrong).toEqual([]);
    expect(right / stated).toBeGreaterThan(0.95);
  });

  it.each([
    ['text', paperOfText],
    ['a document', (text: string) => paperOfPages(pagesOf(text))],
  ] as const)('sheets kept out of tuning, as %s: nine in ten facts are right, few are wrong', (_, paper) => {
    const { sheets, right, wrong } = total('kept', paper);
    expect(sheets).toBeGreaterThanOrEqual(8);
    expect(right).toBeGreaterThan(0.9);
    expect(wrong).toBeLessThan(0.04);
  });

  it('says where every fact stood', () => {
    for (const { text } of texts('tuned')) {
      const paper = paperOfText(text);
      const { facts, evidence } = readSheet(paper);
      for (const fact of Object.keys(facts)) {
        const { words, line, sure } = evidence[fact as keyof typeof evidence] ?? {
          words: '',
          line: -1,
          sure: 0,
        };
        expect([fact, words.length > 0, paper.lines[line] !== undefined, sure > 0 && sure < 1]).toEqual([
          fact,
          true,
          true,
          true,
        ]);
      }
    }
  });

  it('invents nothing where nothing is stated', () => {
    const letter = paperOfText(
      'Dear customer,\n\nthank you for your order of 12 cans on 3 May. They leave our store at 10:30 and weigh 24 kg.\nCall 0555 120 33 for any question.\n\nKind regards',
    );
    const { facts } = readSheet(letter);
    expect(Object.keys(facts).filter((fact) => !['name', 'issue'].includes(fact))).toEqual([]);
  });
});

describe('the layout of a document', () => {
  const piece = (text: string, x: number, y: number, width = text.length * 4.5): Placed => ({
    text,
    x,
    y,
    width,
    height: 9,
  });
  const linesOf = (pieces: Placed[]) =>
    paperOfPages([pieces])
      .lines.map(({ cells }) => cells.map(({ text }) => text))
      .filter((cells) => cells.length > 0);

  it('keeps rows of a table side by side and reads columns of text one after the other', () => {
    const rows = ['Pot life', 'Flash', 'Recoat'].flatMap((label, i) => [
      piece(label, 40, 700 - i * 14),
      piece(`${i + 1} h`, 300, 700 - i * 14),
    ]);
    expect(linesOf(rows)).toEqual([
      ['Pot life', '1 h'],
      ['Flash', '2 h'],
      ['Recoat', '3 h'],
    ]);
    const text = Array.from({ length: 6 }, (_, i) => [
      piece(`On the left a line of running text, ${i}`, 40, 700 - i * 14),
      piece(`On the right another one, also ${i}`, 320, 694 - i * 14),
    ]).flat();
    const read = linesOf(text).flat();
    expect(read.slice(0, 6).every((each) => each.startsWith('On the left'))).toBe(true);
    expect(read.slice(6).every((each) => each.startsWith('On the right'))).toBe(true);
  });

  it('puts words of a cell that is wrapped together, and dots that lead the eye apart', () => {
    expect(
      linesOf([
        piece('Recoat', 40, 705),
        piece('14', 300, 705),
        piece('minimum', 40, 695),
        piece('days', 300, 695),
        piece('7 d', 200, 700),
      ]),
    ).toEqual([['Recoat minimum', '7 d', '14 days']]);
    expect(linesOf([piece('Density .......... 1.2 kg/l', 40, 700)])).toEqual([['Density', '1.2 kg/l']]);
  });
});
