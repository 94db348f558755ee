import fs from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

/** A function of core as its docstring tells of it. */
export interface Documented {
  /** Path from the root of the checkout, with slashes. */
  readonly file: string;
  readonly name: string;
  /** The first paragraph. */
  readonly says: string;
  readonly formula?: string;
  readonly source?: string;
  /** `call → what it gives`, both as code. */
  readonly examples: readonly { readonly call: string; readonly gives: string }[];
  /** Examples told in words. */
  readonly told: readonly string[];
}

/** All exported functions of the files under a folder, in the order of their files. */
export function documentedIn(folder: string): Documented[] {
  return sourcesUnder(folder).flatMap((file) => {
    const text = fs.readFileSync(file, 'utf8');
    const parsed = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
    const seen = new Set<string>();
    return parsed.statements.flatMap((statement) =>
      functionsOf(statement).flatMap((name) => {
        // Of an overloaded function the first signature speaks.
        if (seen.has(name)) return [];
        seen.add(name);
        return [{ file: file.split(path.sep).join('/'), name, ...tagsOf(docOf(statement, text)) }];
      }),
    );
  });
}

function sourcesUnder(folder: string): string[] {
  return fs
    .readdirSync(folder, { withFileTypes: true })
    .toSorted((a, b) => a.name.localeCompare(b.name))
    .flatMap((entry) => {
      const at = path.join(folder, entry.name);
      if (entry.isDirectory()) return sourcesUnder(at);
      return /(?<!\.test|\.d)\.ts$/.test(entry.name) && entry.name !== 'index.ts' ? [at] : [];
    });
}

const exported = (node: ts.Node): boolean =>
  ts.canHaveModifiers(node) &&
  (ts.getModifiers(node) ?? []).some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword);

function functionsOf(statement: ts.Statement): string[] {
  if (!exported(statement)) return [];
  if (ts.isFunctionDeclaration(statement)) return statement.name ? [statement.name.text] : [];
  if (!ts.isVariableStatement(statement)) return [];
  return statement.declarationList.declarations.flatMap(({ name, initializer }) =>
    ts.isIdentifier(name) && initializer && ts.isArrowFunction(initializer) ? [name.text] : [],
  );
}

/** The lines of the comment right above, without their stars. */
function docOf(statement: ts.Statement, text: string): string[] {
  const ranges = ts.getLeadingCommentRanges(text, statement.getFullStart()) ?? [];
  const last = ranges.at(-1);
  const comment = last ? text.slice(last.pos, last.end) : '';
  if (!comment.startsWith('/**')) return [];
  return (
    comment
      .slice(3, -2)
      .split('\n')
      .map((line) => line.replace(/^\s*\*? ?/, '').trim())
      // “What it does. Source: where from.” on one line.
      .flatMap((line) => line.split(/(?<=\S) (?=(?:Source|Formula): )/))
  );
}

function tagsOf(lines: readonly string[]): Omit<Documented, 'file' | 'name'> {
  const parts: { tag: string; text: string }[] = [{ tag: '', text: '' }];
  for (const line of lines) {
    const [, at, named, rest = ''] = /^(?:@(\w+)|(Source|Formula):)\s*(.*)$/.exec(line) ?? [];
    if (at ?? named) parts.push({ tag: (at ?? named ?? '').toLowerCase(), text: rest });
    else if (line === '') parts.push({ tag: '-', text: '' });
    else {
      const own = parts.at(-1);
      if (own) own.text = own.text ? `${own.text} ${line}` : line;
    }
  }
  const first = (tag: string) => parts.find((part) => part.tag === tag && part.text !== '')?.text;
  const formula = first('formula');
  const source = first('source');
  const all = parts.filter(({ tag }) => tag === 'example').map(({ text }) => text);
  const split = all.map((text) => text.split(' → '));
  return {
    says: parts.find(({ tag, text }) => (tag === '' || tag === '-') && text !== '')?.text ?? '',
    ...(formula === undefined ? {} : { formula }),
    ...(source === undefined ? {} : { source }),
    examples: split.flatMap(([call = '', gives]) =>
      gives !== undefined && /^[\w.]+\(.*\)/.test(call) ? [{ call, gives }] : [],
    ),
    told: split.flatMap(([call = '', gives], i) =>
      gives !== undefined && /^[\w.]+\(.*\)/.test(call) ? [] : [all[i] ?? ''],
    ),
  };
}
