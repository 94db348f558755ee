import ts from 'typescript';

/** Comparisons, signs and factors, and what each is mistaken for. */
const swaps = new Map([
  [ts.SyntaxKind.LessThanToken, '<='],
  [ts.SyntaxKind.LessThanEqualsToken, '<'],
  [ts.SyntaxKind.GreaterThanToken, '>='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '>'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.SlashToken, '*'],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
]);

/**
 * Small changes to a source file, each a mistake that somebody could make: a limit moved by a fifth, a comparison that
 * takes its bound in or leaves it out, a sign, a factor, a condition that always or never holds.
 *
 * @param {string} name of the file
 * @param {string} text of the file
 * @returns {{ kind: string, from: number, to: number, put: string, line: number, was: string }[]} in order of place
 */
export function mutationsOf(name, text) {
  const source = ts.createSourceFile(name, text, ts.ScriptTarget.ES2022, true, ts.ScriptKind.TS);
  const found = [];
  const add = (kind, node, put) => {
    const from = node.getStart(source);
    const line = source.getLineAndCharacterOfPosition(from).line + 1;
    found.push({ kind, from, to: node.getEnd(), put, line, was: text.slice(from, node.getEnd()) });
  };
  const visit = (node) => {
    // Types and imports do nothing while it runs.
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isNumericLiteral(node)) {
      const value = Number(node.text);
      const index = ts.isElementAccessExpression(node.parent);
      if (!index)
        add(
          'number',
          node,
          String(value === 0 ? 1 : Number.isInteger(value) && value < 5 ? value + 1 : value * 1.2),
        );
    }
    if (ts.isBinaryExpression(node)) {
      const put = swaps.get(node.operatorToken.kind);
      // Text that is put together has no minus.
      const texts = [node.left, node.right].some(
        (side) => ts.isStringLiteralLike(side) || ts.isTemplateExpression(side),
      );
      if (put && !texts) add('operator', node.operatorToken, put);
    }
    if (ts.isIfStatement(node)) add('branch', node.expression, 'false');
    if (ts.isConditionalExpression(node)) add('branch', node.condition, 'true');
    if (ts.isPrefixUnaryExpression(node) && node.operator === ts.SyntaxKind.ExclamationToken)
      add('not', node, `(${node.operand.getText(source)})`);
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found.sort((a, b) => a.from - b.from);
}

/** A few of many, spread evenly over all of them and the same every time. */
export function spread(all, count, turn = 0) {
  if (all.length <= count) return all;
  return Array.from(
    { length: count },
    (_, i) => all[Math.floor(((i + turn) * all.length) / count) % all.length],
  );
}
