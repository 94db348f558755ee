/** A file name that every system takes: `saloon-doors-2026-11-23.csv`. */
export function fileName(name: string, day: string, ending: string): string {
  const plain = name
    .normalize('NFKD')
    .replace(/[^\w\s-]/g, '')
    .trim()
    .toLowerCase()
    .replace(/[\s_-]+/g, '-')
    .slice(0, 60)
    .replace(/^-|-$/g, '');
  return `${plain || 'shop'}-${day}.${ending}`;
}
