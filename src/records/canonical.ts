/** JSON with its keys in order, so that two records compare by what they say. */
export const canonical = (value: unknown, indent?: number): string => JSON.stringify(value, inOrder, indent);

function inOrder(_: string, part: unknown): unknown {
  return typeof part === 'object' && part !== null && !Array.isArray(part)
    ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
    : part;
}
