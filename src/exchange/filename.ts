/** A file name that every system takes: `saloon-doors-2026-11-23.fluorite.json`. */
export function bundleFileName(name: string, day: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/[^\w\s-]/g, '')
    .trim()
    .toLowerCase()
    .replace(/[\s_-]+/g, '-')
    .slice(0, 60);
  return `${plain || 'shop'}-${day}.fluorite.json`;
}
