/** What a sheet can state, and what only looks like it: the latter take their own numbers and are dropped. */
export const factIds = [
  'thinner',
  'solids',
  'density',
  'voc',
  'dry',
  'wet',
  'coats',
  'potLife',
  'induction',
  'flash',
  'recoat',
  'touch',
  'handle',
  'cure',
  'bore',
  'orifice',
  'pressure',
  'distance',
  'air',
  'humidity',
  'shelfLife',
  'catalyst',
  'band',
] as const;
export type FactId = (typeof factIds)[number];
/** Numbers beside the facts that are not facts. */
export type Decoy =
  | 'surface'
  | 'storage'
  | 'flash-point'
  | 'bake'
  | 'coverage'
  | 'profile'
  | 'dust-free'
  | 'hard'
  | 'stir'
  | 'mass-solids'
  | 'gloss'
  | 'service'
  | 'delivered'
  | 'filter'
  | 'clean'
  | 'limit'
  | 'bake-flash'
  | 'test'
  | 'dew'
  | 'sand'
  | 'hose'
  | 'ratio'
  | 'water';

export interface Name {
  readonly id: FactId | Decoy;
  readonly pattern: RegExp;
}

const name = (id: Name['id'], pattern: RegExp): Name => ({ id, pattern: new RegExp(pattern.source, 'gi') });

/**
 * The words sheets use, in the order they are looked for: what is found first keeps its place, so that “flash point” is
 * no flash and “dust dry” no dry film.
 */
// prettier-ignore
export const names: readonly Name[] = [
  name('flash-point', /flash[\s-]?point|flammpunkt|point d.?[ée]clair|punto de inflamaci[oó]n/),
  name('bake-flash', /(?:flash(?:[\s-]?off)?|wait|allow|leave)(?: (?:time|for|off))?[^.;|,]{0,64}(?:before|prior to) (?:bak|stov|forc|the oven|oven|low bake|infra)\w*|(?:before|prior to) (?:the )?(?:bak|stov|oven|forc|low[\s-]bake|heat)\w*|final flash/),
  name('dust-free', /dust[\s-]?(?:free|dry)|tack[\s-]?free|staubtrocken|hors poussi[eè]re|libre de polvo/),
  name('shelfLife', /shelf[\s-]?life|^shelf$|^shelf(?= \d)|(?:storage|can|pack(?:age)?) (?:life|stability)|storable|(?:can be|may be) (?:kept|stored)|keeping(?: time)?|keeps?\b(?! usable| workable| \d+[^a-z]*(?:cm|mm|in))(?: for)?|lagerf[aä]hig\w*|lagerstabilit\w*|haltbar\w*|dur[ée]e de (?:conservation|stockage)|best (?:before|used)|use within(?= \d+ (?:month|year))|unopened|from (?:the )?(?:date (?:on|of)|manufactur\w*)|caducidad|^conservation$|vida [uú]til en envase|stability in (?:the )?can/),
  name('potLife', /pot[\s-]?life|potlife|^pot$|gel(?:ling|lation)?[\s-]?time|working (?:time|life)|usable (?:life|time)|work(?:able)? life|processing (?:time|life)|(?:to be |must be )?use[sd]?(?: it)?(?: up)?(?: the| this| all| it| any)?(?: mix(?:ture|ed)?(?: (?:material|paint|product))?| material)? within|life of (?:the )?mix\w*|mix(?:ed|ture)? life|life after mix\w*|application (?:time|life)|(?:stays|remains|is|keeps) (?:usable|workable)(?: for)?|mix(?:ture|ed)?(?: (?:material|paint|product))? (?:should|must|has to|may|can) be (?:used|applied|sprayed|processed) (?:within|for)|topfzeit|verarbeitungszeit|(?:dur[ée]e de )?vie en pot|dur[ée]e d.utilisation|vida (?:[uú]til )?de la mezcla/),
  name('induction', /induction(?: time| period)?|sweat[\s-]?in(?: time)?|stand(?:ing)? time|(?:let|leave|allow)(?: it| the mix(?:ture|ed)?(?: (?:material|paint|product))?| mix)?(?: to)? (?:stand|rest)(?:ing)?(?: for)?|rest(?:ing)? (?:time|period)|ripening(?: time)?|matur(?:ing|ation)(?: time)?|pre[\s-]?reaction(?: time)?|stand before use|before (?:use|thinning|application)(?=[^a-z]|$)|reifezeit|vorreaktion\w*|m[uû]rissement|tiempo de inducci[oó]n/),
  name('recoat', /re[\s-]?coat\w*|intermediate dry\w*|over[\s-]?coat\w*|(?:to |before |until )top[\s-]?coat\w*|top[\s-]?coats?(?=\s*(?:after|from|within|in\b))|top[\s-]?coat(?:ed|able|ing)|re[\s-]?paint\w*|(?:apply (?:the )?)?(?:next|second|further|subsequent|another) (?:coat|layer)|interval (?:to|before|until) (?:next|top)\s?coat|maximum interval|^intervals?$|(?:min|max)\w*\.? (?:re-?coat\w* |over-?coat\w* )?interval|laminat\w*|(?:must |should |can |may )?follow(?:s|ed)?(?: it)?(?= within| after| in )|[uü]berarbeit\w*|[uü]berlackier\w*|[uü]berstreich\w*|recouvr\w*|surcouch\w*|repint\w*|recubri\w*/),
  name('flash', /flash(?:ing)?(?:[\s-]?off)?(?: time| interval)?|(?:wait\w*|allow|time|interval|pause|drying|minutes?) between (?:the )?coats|between (?:the )?(?:wet(?:[\s-]on[\s-]wet)? )?(?:coats|layers|passes|them\b)|wet[\s-]on[\s-]wet|\bapart\b|inter[\s-]?coat(?: flash\w*| time| interval)?|between (?:spray )?passes|(?:zwischen)?abl[uü]ft\w*|[ée]vaporation(?: entre couches)?|entre (?:couches|capas|manos)|evaporaci[oó]n/),
  name('touch', /(?:dry(?: to(?: the)?)?|set to|to(?: the)?)?[\s-]*touch(?:[\s-]?dry)?|grifffest|sec au toucher|seco al tacto/),
  name('handle', /(?:dry (?:to|for) )?handl(?:e|ing|eable|ed)\b|montagefest|manipul\w*/),
  name('hard', /hard[\s-]?dry|dry[\s-]?hard|through[\s-]?dry|dry[\s-]?through|stack(?:able|ing)?|pack(?:ing|able)|tape|mask(?:ing|able)|rain(?:proof| resist)?|polish\w*|traffic|immersion|walk[\s-]?on|tack[\s-]?up/),
  name('sand', /(?<!without )sand(?:able|ing|ed)?|abrad\w+|rub(?:bing)? down|schleif\w*|ponçage/),
  name('cure', /full(?:y)?[\s-]*(?:cure\w*|hard\w*|resistance|dr(?:y|ied)|chemical\w*)|harden(?:s|ed)? (?:fully|completely)|complete(?:ly)? (?:cure\w*|hard\w*|dr(?:y|ied))|cure\w* (?:fully|completely|time|through)|cure[sd]? (?:in|after)|final (?:cure|hardness|properties|resistance)|through[\s-]?cured?|ultimate hardness|(?:full )?chemical resistance|\bcure[ds]?\b|curing|durchgeh[aä]rtet|ausgeh[aä]rtet|durchh[aä]rtung|endh[aä]rte|(?:durcissement|s[ée]chage) (?:complet|[aà] c(?:oe|œ)ur)|curado (?:total|completo)/),
  name('bake', /bak(?:e|ed|ing)\b|stov\w+|forc(?:e|ed)[\s-]?dr\w+|oven|\bIR\b|infra[\s-]?red|low[\s-]bake|object temperature|metal temperature|ofentrocknung|[ée]tuvage/),
  name('mass-solids', /(?:solids?|non[\s-]?volatiles?)(?: content)?[^.;|]{0,14}(?:by )?(?:weight|mass|wt)\.?|weight solids|mass solids|wt\.? solids|festk[oö]rper[^.;|]{0,12}(?:gew|masse)\w*/),
  name('solids', /\bsbv\b|(?:volume|vol\.?)[\s-]*(?:solids?|non[\s-]?volatiles?)|solids?(?: content)?(?:[^.;|]{0,12}(?:by )?vol(?:ume)?\.?)?|non[\s-]?volatiles?(?: content)?(?:[^.;|]{0,12}(?:by )?vol(?:ume)?\.?)?|festk[oö]rper\w*|extrait sec|s[oó]lidos/),
  name('limit', /(?:eu|legal|directive|regulat\w+|category|cat\.|permitted)[^.;|]{0,40}(?:limit|value|maximum)[^.;|\d]{0,30}|voc limit|limit value|grenzwert|valeur limite/),
  name('voc', /\bvocs?\b(?: content)?|\bv\.\s?o\.\s?c\b\.?|volatile organic(?: compounds?| content)?|\bcov\b/),
  name('density', /densit(?:y|[ée])|specific gravity|\bs\.?g\.?(?=[\s:(]|$)|weighs|w(?:eigh)?t\.?\s*(?:per|\/)\s*(?:us )?(?:gal\w*|lit\w+)|dichte|densidad|masse volumique/),
  name('coverage', /cover(?:age|s|ing power)\b|spread\w* (?:rate|capacity)|consumption|yield|ergiebigkeit|verbrauch|rendement|rendimiento|pouvoir couvrant/),
  name('profile', /(?:surface |blast )?profile|roughness|blast\w*/),
  name('dry', /dry[\s-]?film(?:[\s-](?:thickness|build))?|dr(?:ies|ying)(?: down)? to(?: about)?|dry to(?= \d)|\bd\.?f\.?t\.?(?=[^a-z]|$)|\bdry\b(?!\s*(?:to|time|hard|through|dust|spray|air|storage|place|area|and|cloth|heat|ing))|dried film|trocken(?:film|schicht)\w*|\btrocken\b|(?:[ée]paisseur )?(?:de )?(?:film )?sec(?:he)?\b|pel[ií]cula seca|espesor seco/),
  name('wet', /wet[\s-]?film(?:[\s-](?:thickness|build))?|\bw\.?f\.?t\.?(?=[^a-z]|$)|\bwet\b(?!\s*(?:on|edge|sand|or|abras|rag))|nass(?:film|schicht)\w*|\bnass\b|humide\b|h[uú]med[ao]\b/),
  name('dry', /film (?:thickness|build)|schichtdicke|[ée]paisseur (?:de )?(?:film|couche)?|espesor|thickness per coat|build per coat/),
  name('humidity', /(?:relative )?(?:air )?humidity|\br\.?\s?h\.?(?=[^a-z]|$)|luftfeucht\w*|humidit[ée]|humedad/),
  name('water', /water (?:content|absorption)|moisture content|moisture/),
  name('test', /salt spray|\btest(?:ed|s|ing)?\b|adhesion|elongation|hardness|resistance to/),
  name('gloss', /gloss|sheen|glanz/),
  name('service', /service temp\w*|heat resist\w*|temperature resist\w*|withstands?|resists?/),
  name('distance', /(?:(?:spray(?:ing)?|gun|application|nozzle|working)(?: to (?:part|surface|work\w*|substrate))?[\s-]*)?(?:distance|stand[\s-]?off)|(?:hold|held|keep)(?: the)?(?: spray)?(?: gun)?|from the (?:surface|part|work\w*|panel)|spritzabstand|abstand|distancia/),
  name('storage', /stor(?:e|ed|age|ing)\b|transport|frost|freez\w*|lager\w*|stock(?:er|age)|almacen\w*/),
  name('dew', /dew[\s-]?(?:point|pt\b)|taupunkt|point de ros[ée]e|punto de roc[ií]o/),
  name('air', /(?:air|ambient)(?: temperature)?(?:,? (?:and|&|\/|or|nor) (?:the )?(?:surface|substrate|part|paint|material|product)(?: temperatures?)?)?(?=[^a-z]|$)(?![\s-]*(?:cap|pressure|supply|hose|consumption|assisted|spray|less|flow|volume|line|inlet|dry|dried))(?: temp\w*)?|(?:room|booth|workshop|application|working|processing|spray(?:ing)? room) (?:air )?temp\w*|^temperatures?(?= ?$| \d)|\b(?:room|workshop|booth)\b(?= of|\W|$)|temperature (?:of|in) (?:the )?(?:air|room|booth|workshop)|(?:application |climatic |ambient |working )?conditions?\b|climate|(?:apply|work|use|spray|process|paint)(?: only)? (?:at|between|when|above|below|in)\b|(?:umgebungs|verarbeitungs|luft|raum|objekt- und luft)temp\w*|temp[ée]rature (?:ambiante|d.application|de l.air)|temperatura (?:ambiente|de aplicaci[oó]n|del aire)/),
  name('surface', /(?:surface|substrate|part|panel|steel|metal|object|work ?piece|wall|paint|material|product)(?:'s)? temp\w*|temperature of (?:the )?(?:surface|substrate|part|steel|paint|material)|\bsubstrate\b|\bsurfaces?\b|untergrund\w*|support\b/),
  name('catalyst', /peroxide|mekp|catalys\w+|initiator|peroxid\w*|hardener|activator|curing agent|h[aä]rter/),
  name('delivered', /(?:as )?(?:deliver(?:ed|y)|suppl(?:ied|y)|packag\w+)(?: viscosity| condition)?|in (?:the )?(?:can|tin)|lieferviskosit\w*|liefer\w*|[aà] la livraison|suministro/),
  name('thinner', /(?:water|solvent) (?:may|can) be added|(?:set|adjust)\w*(?: to)?(?: the)?(?: \w+)? viscosity[^.;,|]{0,20} with (?:\w+ ){0,2}(?:water|thinner|reducer)|add (?:clean |tap )?water|(?:deminerali[sz]ed|deioni[sz]ed|distilled|clean|tap) water|add(?=(?: up to| at most| max\.?)? ?[\d.,]+(?: ?[-–] ?[\d.,]+| to [\d.,]+)? ?% (?:\w+ )?water)|^water(?=\s*(?:$|\())|(?<=(?:up to|max\.?|at most|if needed,?) [\d.,]+ ?% )(?:clean |tap )?water\b|\b(?:xylene|toluene|white spirit|mineral spirits?|naphtha|butyl acetate)(?=\s+(?:up to |max\.? )?\d)|thin(?:n(?:er|ers|ing|ed))?\b|reduc(?:er|ers|ed|tion|ing|e)\b|dilut\w+|verd[uü]nn\w*|dilu(?:tion|ant|er|ye|ente|ci[oó]n|ir)\w*/),
  name('coats', /(?:number|no\.?) of (?:spray )?(?:coats|layers|passes)|coats? (?:recommended|required|needed)|recommended (?:number of )?coats|(?:spray |spraying )?passes|anzahl (?:der )?\w*|spritzg[aä]nge|nombre de couches|n[uú]mero de (?:capas|manos)|^coats$/),
  name('filter', /(?:pump |gun |in-?line )?(?:filter|strain(?:er|ed|ing)?)|mesh|sieb|tamis/),
  name('hose', /hose|feed line/),
  name('clean', /clean(?:ing|er|ed)?\b|flush\w*|rinse/),
  name('stir', /stir(?:red|ring)?\b|shake|agitat\w+|mix(?:ing)? (?:thoroughly|well|for)/),
  name('pressure', /(?:spray(?:ing)?|atomi[sz]ing|atomi[sz]ation|air|inlet|cap|tip|fluid|pump|output|nozzle|gun|input|static|material|pot|inbound|working|line)?[\s-]*pressures?|spritzdruck|(?:zerst[aä]uber|material|eingangs|d[uü]sen|luft)?druck|pression|presi[oó]n|at (?:the )?(?:air )?cap|at (?:the )?(?:gun )?inlet/),
  name('orifice', /tip(?: size| orifice| range)?|orifice|spitze/),
  name('bore', /(?:fluid )?(?:nozzle|needle)(?: size| set| set-?up| diameter| bore| orifice| aperture)?|fluid tip(?: size)?|(?:fluid )?tip(?: size)?|set[\s-]?up|bore|aperture|nozzle\/needle|d[uü]se(?:n\w*)?|buse|boquilla|gicleur/),
  name('ratio', /mix(?:ing)? ratio|ratio\b|mischungsverh\w*|proporci[oó]n|rapport de m[ée]lange/),
];

export interface Mention {
  readonly id: FactId | Decoy;
  readonly from: number;
  readonly to: number;
  readonly words: string;
}

/**
 * What of the lexicon stands in a text, each stretch of it taken once.
 *
 * Source: the words of product sheets
 * @example mentionsIn('WFT') → [{ id: 'wet', from: 0, to: 3, words: 'WFT' }]
 */
export function mentionsIn(text: string): Mention[] {
  const found: Mention[] = [];
  for (const { id, pattern } of names)
    for (const match of text.matchAll(pattern)) {
      const [from, to] = [match.index, match.index + match[0].length];
      if (to === from || found.some((each) => from < each.to && each.from < to)) continue;
      found.push({ id, from, to, words: match[0] });
    }
  return found.sort((a, b) => a.from - b.from);
}

/**
 * Does a text name a fact, and not only what looks like one?
 *
 * Source: the words of product sheets
 * @example factStated('.') → false
 */
export const factStated = (text: string): boolean =>
  mentionsIn(text).some(({ id }) => (factIds as readonly string[]).includes(id));

/**
 * Does a text name anything a sheet states?
 *
 * Source: the words of product sheets
 * @example factNamed('.') → false
 */
export const factNamed = (text: string): boolean => mentionsIn(text).length > 0;

export type Family = 'hvlp' | 'compliant' | 'low-volume' | 'conventional' | 'airless' | 'air-assisted';

const families: readonly (readonly [Family, RegExp])[] = [
  ['air-assisted', /air[\s-]?assist\w*(?:[\s-]?airless)?|\bAAA\b|\baa[\s-]?airless|assisted airless/i],
  ['airless', /air[\s-]?less|\btips? \d{3}\b/i],
  ['hvlp', /\bhvlp\b|high[\s-]volume[\s,-]*low[\s-]pressure|turbine/i],
  ['low-volume', /\blvlp\b|low[\s-]volume[\s,-]*(?:low|medium)[\s-]pressure|\blvmp\b/i],
  [
    'compliant',
    /compliant|reduced[\s-]pressure|high[\s-]efficiency|trans(?:fer)?[\s-]?efficien\w*|high transfer/i,
  ],
  [
    'conventional',
    /conventional|\bair gun|air[\s-]spray(?!ing room)|(?:gravity|suction|siphon)(?:[\s-]feed)?(?: gun| cup)?|\bcup gun|pressure (?:pot|feed|tank)|\(pressure\)|high[\s-]pressure gun|standard (?:spray )?gun|druckluft|hochdruck|pneumati\w*|becherpistole|flie(?:ß|ss)becher|airspray/i,
  ],
];

/**
 * The kind of gun a text names.
 *
 * Source: the words of product sheets
 * @example familyNamed('HVLP') → 'hvlp'
 */
export const familyNamed = (text: string): Family | undefined =>
  families.find(([, pattern]) => pattern.test(text))?.[0];

const fed = /^(?:gravity|suction|siphon|pressure)/i;

/**
 * Each kind of gun a text names, with where.
 *
 * Source: the words of product sheets
 * @example familiesIn('HVLP') → [{ id: 'hvlp', from: 0, to: 4 }]
 */
export function familiesIn(
  text: string,
): readonly { readonly id: Family; readonly from: number; readonly to: number }[] {
  const found: { id: Family; from: number; to: number }[] = [];
  for (const [id, pattern] of families)
    for (const match of text.matchAll(new RegExp(pattern.source, 'gi'))) {
      const [from, to] = [match.index, match.index + match[0].length];
      if (found.some((each) => from < each.to && each.from < to)) continue;
      // How a gun is fed says nothing of how it atomises where that is said too.
      if (id === 'conventional' && found.length > 0 && fed.test(match[0])) continue;
      found.push({ id, from, to });
    }
  return found.sort((a, b) => a.from - b.from);
}
