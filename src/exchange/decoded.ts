/** The text of a file, by its marks: UTF-16, UTF-8, or where it is neither the code page most gauges and spreadsheets write. */
export function decoded(bytes: Uint8Array): string {
  const [a, b] = bytes;
  const wide = a === 0xff && b === 0xfe ? 'utf-16le' : a === 0xfe && b === 0xff ? 'utf-16be' : undefined;
  if (wide) return new TextDecoder(wide).decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return new TextDecoder('windows-1252').decode(bytes);
  }
}
