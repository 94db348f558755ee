import fs from 'node:fs';
import { documentedIn } from '../../scripts/documented';
import { formulasPage } from '../../scripts/formulaspage';
import { testsUnder } from '../../scripts/shownby';

const functions = documentedIn('src/core');
const tests = testsUnder('src/core');
const worked = functions.flatMap(({ file, name, examples }) =>
  examples.map((example) => ({ file, name, ...example })),
);

/** Alike to the digits an example prints, whatever a thing is made of. */
function alike(found: unknown, said: unknown): boolean {
  if (typeof found === 'number' && typeof said === 'number')
    return found === said || Math.abs(found - said) <= 2e-5 * Math.max(Math.abs(found), Math.abs(said));
  if (found === null || said === null || typeof found !== 'object' || typeof said !== 'object')
    return found === said;
  const [own, told] = [found, said].map((each) =>
    Object.entries(each as object).filter(([, value]) => value !== undefined),
  );
  return (
    own?.length === told?.length &&
    (told ?? []).every(([key, value]) => alike((found as Record<string, unknown>)[key], value))
  );
}

const run = (code: string, scope: object): unknown =>
  new Function(...Object.keys(scope), `return (${code});`)(...Object.values(scope)) as unknown;

describe('what the functions of core say of themselves', () => {
  it('each says what it does and where that is from', () => {
    const silent = functions
      .filter(({ says, source }) => !says || !source)
      .map(({ file, name }) => `${file}: ${name}`);
    expect(silent).toEqual([]);
  });

  it('each is worked through, by an example of its own or by a test that calls it', () => {
    const untried = functions
      .filter(({ name, examples }) => examples.length === 0 && !tests.has(name))
      .map(({ file, name }) => `${file}: ${name}`);
    expect(untried).toEqual([]);
  });

  it.each(worked.map(({ name, call, ...rest }) => [name, call, rest] as const))(
    '%s: %s',
    async (_, call, { file, gives }) => {
      const scope = (await import(file.replace('src/core/', './').replace(/\.ts$/, ''))) as object;
      const found = run(call, scope);
      if (!alike(found, run(gives, {})))
        throw new Error(`${call} gives ${JSON.stringify(found)}, its example says ${gives}`);
    },
  );

  it('the page of formulas is written from them', () => {
    expect(fs.readFileSync('docs/formulas.md', 'utf8')).toBe(formulasPage(functions, tests));
  });
});
