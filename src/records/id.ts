const letters = '0123456789abcdefghjkmnpqrstvwxyz';

/** A new record id: 16 letters, 80 random bits. Works on plain http too, where randomUUID does not exist. */
export function newId(): string {
  const bytes = crypto.getRandomValues(new Uint8Array(16));
  return Array.from(bytes, (byte) => letters[byte % 32]).join('');
}
