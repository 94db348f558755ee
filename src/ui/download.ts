/** Hands the user a file. */
export function download(
  name: string,
  content: string | Uint8Array<ArrayBuffer> | Blob,
  type = 'application/json',
): void {
  const url = URL.createObjectURL(content instanceof Blob ? content : new Blob([content], { type }));
  const link = document.createElement('a');
  link.href = url;
  link.download = name;
  link.click();
  setTimeout(() => URL.revokeObjectURL(url), 10_000);
}
