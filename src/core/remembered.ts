/**
 * A function that keeps its last answers, by the value of what it was asked: records are read anew with every
 * entry, and most of what they ask is what they asked before.
 *
 * @param answer without side effects; what it is asked must survive JSON
 * @param most answers kept; the one that was asked for longest ago goes first
 * @returns the same answers
 * Source: definition
 */
export function remembered<Asked extends readonly unknown[], Answer>(
  answer: (...asked: Asked) => Answer,
  most = 64,
): (...asked: Asked) => Answer {
  const held = new Map<string, Answer>();
  return (...asked) => {
    const key = JSON.stringify(asked);
    const known = held.has(key);
    const found = known ? (held.get(key) as Answer) : answer(...asked);
    if (known) held.delete(key);
    held.set(key, found);
    if (held.size > most) held.delete(held.keys().next().value as string);
    return found;
  };
}
