const letters = '0123456789abcdefghjkmnpqrstvwxyz';

const length = 16;
/** Drawn many at once: a gauge’s file may need thousands of ids. */
const drawn = new Uint8Array(64 * length);
let used = drawn.length;

/** A new record id: 16 letters, 80 random bits. Works on plain http too, where randomUUID does not exist. */
export function newId(): string {
  if (used >= drawn.length) {
    crypto.getRandomValues(drawn);
    used = 0;
  }
  let id = '';
  for (const until = used + length; used < until; used += 1) id += letters[(drawn[used] ?? 0) % 32];
  return id;
}
