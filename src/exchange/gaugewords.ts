/** Units a gauge may write. */
export const gaugeUnits = ['µm', 'mil', 'mm'] as const;
export type GaugeUnit = (typeof gaugeUnits)[number];

/** What a column may be. */
export type GaugeRole = 'film' | 'face' | 'spot';

/** Words as they compare: small, without accents. */
const plain = (text: string): string =>
  text
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replaceAll('ł', 'l')
    .replaceAll('ı', 'i')
    .replaceAll('ø', 'o')
    .replaceAll('μ', 'µ');

/**
 * How column heads begin their words, without accents, in the languages gauges write: English, German, French, Italian,
 * Spanish, Portuguese, Dutch, Swedish, Danish and Norwegian, Finnish, Polish, Czech, Hungarian, Turkish, Russian, Chinese and
 * Japanese. What says film outright comes before what says reading.
 */
const words: Readonly<Record<GaugeRole, readonly (readonly string[])[]>> = {
  film: [
    [
      ...[
        'thick',
        'film',
        'dft',
        'coating',
        'schicht',
        'dicke',
        'epaisseur',
        'spessore',
        'espesor',
        'espessura',
      ],
      ...['dikte', 'laagdikte', 'tjocklek', 'skikttjocklek', 'tykkelse', 'lagtykkelse', 'paksuus', 'kalvon'],
      ...['grubosc', 'tloustka', 'vastagsag', 'kalinlik', 'толщин', '厚', '膜'],
    ],
    [
      ...[
        'reading',
        'value',
        'messwert',
        'wert',
        'valeur',
        'mesure',
        'misura',
        'valore',
        'valor',
        'medida',
        'lectura',
      ],
      ...[
        'leitura',
        'meetwaarde',
        'matvarde',
        'varde',
        'vaerdi',
        'verdi',
        'lukema',
        'arvo',
        'pomiar',
        'wartosc',
      ],
      ...[
        'hodnota',
        'mereni',
        'meres',
        'ertek',
        'deger',
        'olcum',
        'значени',
        'показани',
        '测',
        '測',
        '値',
        '值',
      ],
    ],
  ],
  face: [
    [
      ...[
        'face',
        'part',
        'area',
        'side',
        'surface',
        'flache',
        'seite',
        'teil',
        'bauteil',
        'piece',
        'cote',
        'zone',
      ],
      ...[
        'faccia',
        'lato',
        'pezzo',
        'cara',
        'lado',
        'pieza',
        'zona',
        'peca',
        'zijde',
        'vlak',
        'deel',
        'sida',
        'yta',
      ],
      ...['flate', 'osa', 'puoli', 'pinta', 'strona', 'powierzchni', 'strana', 'plocha', 'dil', 'oldal'],
      ...['felulet', 'yuz', 'parca', 'сторон', 'детал', 'поверхност', '面', '部', '件'],
    ],
    ['batch', 'group', 'charge', 'lot', 'serie', 'gruppe', 'парти', 'групп', '批', '组', '組'],
  ],
  spot: [
    [
      ...[
        'spot',
        'place',
        'point',
        'position',
        'location',
        'stelle',
        'punkt',
        'messpunkt',
        'ort',
        'endroit',
        'lieu',
      ],
      ...[
        'punto',
        'posizione',
        'posicion',
        'ponto',
        'posicao',
        'plek',
        'plaats',
        'punt',
        'plats',
        'stalle',
        'sted',
      ],
      ...[
        'kohta',
        'piste',
        'miejsc',
        'misto',
        'bod',
        'pont',
        'hely',
        'nokta',
        'yer',
        'точк',
        'мест',
        '点',
        '位置',
      ],
    ],
  ],
};

const unitWords: Readonly<Record<GaugeUnit, readonly string[]>> = {
  µm: [
    'µm',
    'um',
    'micron',
    'mikron',
    'mikromet',
    'micromet',
    'micra',
    'мкм',
    'микрон',
    '微米',
    'ミクロン',
    'マイクロ',
  ],
  mil: ['mil', 'mils', 'thou'],
  mm: ['mm', 'millimet', 'milimet', 'мм', 'миллиметр', '毫米', 'ミリ'],
};

/** Scripts without spaces are looked for anywhere; letters only where a word begins, and a short word only as a whole. */
function says(head: string, word: string): boolean {
  const at = plain(word);
  if (/[\p{Script=Han}\p{Script=Katakana}]/u.test(at)) return head.includes(at);
  const parts = head.split(/[^\p{L}\p{N}µ]+/u);
  return parts.some((part) => (at.length <= 3 ? part === at || part === `${at}s` : part.startsWith(at)));
}

/**
 * The columns whose heads say they are something, by the plainest words that any of them says it with.
 *
 * @returns their numbers; several where more than one says so
 */
export function columnsNamed(heads: readonly string[], role: GaugeRole): readonly number[] {
  const plainHeads = heads.map(plain);
  for (const tier of words[role]) {
    const found = plainHeads.flatMap((head, i) => (tier.some((word) => says(head, word)) ? [i] : []));
    if (found.length > 0) return found;
  }
  return [];
}

/** The unit a text names, as a head or a cell does; undefined where it names none or several. */
export function unitNamedBy(text: string): GaugeUnit | undefined {
  // Most cells of a table are bare numbers.
  if (!/\p{L}/u.test(text)) return undefined;
  const named = plain(text).replace(/\d+(?:[.,]\d+)?/g, ' ');
  const found = gaugeUnits.filter((unit) => unitWords[unit].some((word) => says(named, word)));
  return found.length === 1 ? found[0] : undefined;
}
