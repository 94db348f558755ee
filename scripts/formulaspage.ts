import type { Documented } from './documented';

const head = `# Formulas

What the functions of \`src/core\` compute, where it comes from, and worked examples. This page is written from their docstrings by \`npx tsx scripts/formulas.ts\`, and a test runs every example; change it there. SI throughout: m, kg, s, K, Pa, and shares of one.
`;

/** The page of formulas: a table for each folder of core. */
export function formulasPage(functions: readonly Documented[]): string {
  const folders = new Map<string, Documented[]>();
  for (const each of functions) {
    const folder = each.file.split('/').at(-2) ?? '';
    folders.set(folder, [...(folders.get(folder) ?? []), each]);
  }
  const tables = [...folders].map(([folder, own]) => {
    const rows = own.map(
      ({ name, says, formula, source = '', examples, told }) =>
        `| \`${name}\` | ${cell(says)}${formula ? ` **${cell(formula)}**` : ''} | ${cell(source)} | ${[
          ...examples.map(({ call, gives }) => code(`${call} → ${gives}`)),
          ...told.map(cell),
        ].join('<br>')} |`,
    );
    return `\n## ${folder}\n\n| function | what | source | worked |\n| --- | --- | --- | --- |\n${rows.join('\n')}\n`;
  });
  return head + tables.join('');
}

const cell = (text: string): string => text.replaceAll('|', '\\|').replaceAll(/\{@link (\w+)\}/g, '`$1`');
const code = (text: string): string => `\`${text.replaceAll('|', '\\|').replaceAll('`', "'")}\``;
