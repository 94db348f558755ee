import { spawnSync } from 'node:child_process';

/** Lints texts as if each stood in an existing file, so that the type-aware rules know it, and says which rules each breaks. */
function broken(texts: readonly (readonly [file: string, text: string])[]): string[][] {
  // One process for all of them: reading the types takes longer than the rest.
  const script = `
    import { ESLint } from 'eslint';
    const eslint = new ESLint();
    const found = [];
    for (const [filePath, text] of ${JSON.stringify(texts)}) {
      const [{ messages }] = await eslint.lintText(text, { filePath });
      found.push(messages.map(({ ruleId }) => ruleId ?? ''));
    }
    process.stdout.write(JSON.stringify(found));
  `;
  const { stdout } = spawnSync(process.execPath, ['--input-type=module', '--eval', script], {
    encoding: 'utf8',
  });
  return JSON.parse(stdout) as string[][];
}

it('imports go one way, and core knows no clock, chance or browser', () => {
  const [fromStore, fromShop, fromBelow, clock] = broken([
    ['src/records/id.ts', "import { useStore } from '@/store/hooks';\n\nexport const x = useStore;\n"],
    ['src/ui/units.ts', "import { Bench } from '../shop/bench/Bench';\n\nexport const x = Bench;\n"],
    ['src/store/steps.ts', "import { celsius } from '@/core/climate';\n\nexport const x = celsius(20);\n"],
    ['src/core/film/film.ts', 'export const x = [Date.now(), Math.random(), window.name];\n'],
  ]);
  expect(fromStore).toContain('import-x/no-restricted-paths');
  expect(fromShop).toContain('import-x/no-restricted-paths');
  expect(fromBelow).toEqual([]);
  expect(clock).toContain('no-restricted-properties');
  expect(clock).toContain('no-restricted-globals');
}, 120_000);
