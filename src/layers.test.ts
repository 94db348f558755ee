import { spawnSync } from 'node:child_process';
import path from 'node:path';

/** Lints a text as if it stood in a file, and says which rules it breaks. */
function broken(file: string, text: string): string[] {
  const eslint = path.join('node_modules', '.bin', 'eslint');
  const { stdout } = spawnSync(eslint, ['--stdin', '--stdin-filename', file, '--format', 'json'], {
    input: text,
    encoding: 'utf8',
  });
  const [{ messages }] = JSON.parse(stdout) as [{ messages: { ruleId: string | null }[] }];
  return messages.map(({ ruleId }) => ruleId ?? '');
}

/** Existing files stand in, so that the type-aware rules know them. */
describe('the one-way import rule', () => {
  it('stops an import from above', () => {
    expect(
      broken(
        'src/records/id.ts',
        "import { useStore } from '@/store/hooks';\n\nexport const x = useStore;\n",
      ),
    ).toContain('import-x/no-restricted-paths');
    expect(
      broken('src/ui/units.ts', "import { Bench } from '../shop/bench/Bench';\n\nexport const x = Bench;\n"),
    ).toContain('import-x/no-restricted-paths');
  }, 60_000);

  it('lets an import from below through', () => {
    expect(
      broken(
        'src/store/steps.ts',
        "import { celsius } from '@/core/climate';\n\nexport const x = celsius(20);\n",
      ),
    ).toEqual([]);
  }, 60_000);

  it('keeps the clock, chance and the browser out of core', () => {
    const rules = broken(
      'src/core/film/film.ts',
      'export const x = [Date.now(), Math.random(), window.name];\n',
    );
    expect(rules).toContain('no-restricted-properties');
    expect(rules).toContain('no-restricted-globals');
  }, 60_000);
});
