import fs from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

/** A test that works a function through: its file, and what it is called. */
export interface ShownBy {
  readonly file: string;
  readonly title: string;
}

/** The tests under a folder, and which functions each of them calls, by name. */
export function testsUnder(folder: string): ReadonlyMap<string, readonly ShownBy[]> {
  const found = new Map<string, ShownBy[]>();
  const files = fs
    .readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((name) => name.endsWith('.test.ts'))
    .map((name) => path.join(folder, name))
    .toSorted();
  for (const file of files) {
    const parsed = ts.createSourceFile(file, fs.readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
    const at = file.split(path.sep).join('/');
    // What a table or a helper beside the tests calls, the first of them is about.
    const first = parsed.statements.map(firstTitle).find((title) => title !== undefined);
    const visit = (node: ts.Node, title: string | undefined) => {
      const inside = titleOf(node) ?? title;
      const called = inside === undefined ? undefined : calledIn(node);
      if (called !== undefined && inside !== undefined) {
        const tests = found.get(called) ?? [];
        if (!tests.some((each) => each.file === at && each.title === inside))
          found.set(called, [...tests, { file: at, title: inside }]);
      }
      node.forEachChild((child) => visit(child, inside));
    };
    visit(parsed, first);
  }
  return found;
}

const firstTitle = (node: ts.Node): string | undefined => titleOf(node) ?? node.forEachChild(firstTitle);

/** The title of `describe('…')`, `it('…')`, `test('…')` or `it.each(…)('…')`. */
function titleOf(node: ts.Node): string | undefined {
  if (!ts.isCallExpression(node)) return undefined;
  const [first] = node.arguments;
  if (!first || !ts.isStringLiteralLike(first)) return undefined;
  return /^(?:describe|it|test)\b/.test(node.expression.getText()) ? first.text : undefined;
}

/** The function a call calls, or hands on to be called. */
function calledIn(node: ts.Node): string | undefined {
  if (!ts.isIdentifier(node)) return undefined;
  const { parent } = node;
  const calls =
    ts.isCallExpression(parent) && (parent.expression === node || parent.arguments.includes(node));
  return calls ? node.text : undefined;
}
