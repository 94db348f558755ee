import type { Documented } from './documented';
import type { ShownBy } from './shownby';

const head = `# Formulas

What the functions of \`src/core\` compute, where it comes from, and worked examples. This page is written from their docstrings by \`npx tsx scripts/formulas.ts\`, and a test runs every example; change it there. A function fed by more than a line holds names the test that works it through. SI throughout: m, kg, s, K, Pa, and shares of one.
`;

/**
 * The page of formulas: a table for each folder of core.
 *
 * @param tests those that call a function, by its name
 */
export function formulasPage(
  functions: readonly Documented[],
  tests: ReadonlyMap<string, readonly ShownBy[]>,
): string {
  const folders = new Map<string, Documented[]>();
  for (const each of functions) {
    const folder = each.file.split('/').at(-2) ?? '';
    folders.set(folder, [...(folders.get(folder) ?? []), each]);
  }
  const tables = [...folders].map(([folder, own]) => {
    const rows = own.map(
      ({ file, name, says, formula, source = '', examples, told }) =>
        `| \`${name}\` | ${cell(says)}${formula ? ` **${cell(formula)}**` : ''} | ${cell(source)} | ${[
          ...examples.map(({ call, gives }) => code(`${call} → ${gives}`)),
          ...told.map(cell),
          ...(examples.length > 0 ? [] : shown(nearest(tests.get(name) ?? [], file))),
        ].join('<br>')} |`,
    );
    return `\n## ${folder}\n\n| function | what | source | worked |\n| --- | --- | --- | --- |\n${rows.join('\n')}\n`;
  });
  return head + tables.join('');
}

/** Of several tests the one beside the function speaks. */
const nearest = (tests: readonly ShownBy[], file: string): ShownBy | undefined =>
  tests.find((each) => folderOf(each.file) === folderOf(file)) ?? tests[0];

const folderOf = (file: string): string => file.slice(0, file.lastIndexOf('/'));

const shown = (test: ShownBy | undefined): readonly string[] =>
  test ? [`“${cell(test.title)}” in ${test.file.replace('src/core/', '')}`] : [];

const cell = (text: string): string => text.replaceAll('|', '\\|').replaceAll(/\{@link (\w+)\}/g, '`$1`');
const code = (text: string): string => `\`${text.replaceAll('|', '\\|').replaceAll('`', "'")}\``;
