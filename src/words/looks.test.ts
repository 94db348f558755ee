import { defectIds, endings } from '@/core/diagnosis';
import { endingWords } from './endings';
import { lookWords } from './looks';

describe('words of a later look', () => {
  it('name what to look for, as part of a sentence', () => {
    expect(lookWords([])).toBe('');
    expect(lookWords(['die-back'])).toBe('die-back');
    expect(lookWords(['die-back', 'soft-cure'])).toBe('die-back, soft or slow cure');
    expect(lookWords(['cracking', 'peeling', 'flash-rust'])).toBe('cracking, peeling, flash rust');
    for (const id of defectIds) expect(lookWords([id])).toBe(lookWords([id]).toLowerCase());
  });

  it('tell every end a defect can come to, each apart from the others', () => {
    const said = endings.map((ending) => endingWords[ending]);
    expect(new Set(said).size).toBe(endings.length);
    for (const words of said) expect(words.length).toBeGreaterThan(5);
  });
});
