import type { Home } from '../core/house/house.ts';

/** Names of things in American and British English; the American word is the key in catalogue texts. */
export const TERMS: Readonly<Record<string, string>> = {
  attic: 'loft',
  'bleeder cap': 'drain-off cap',
  'breaker panel': 'consumer unit',
  caulk: 'sealant',
  caulked: 'sealed',
  counter: 'worktop',
  'crawl space': 'underfloor void',
  disconnect: 'isolating switch',
  'door sweep': 'bottom seal',
  downspouts: 'downpipes',
  draft: 'draught',
  drafts: 'draughts',
  drafty: 'draughty',
  faucet: 'tap',
  flashing: 'lead flashing',
  flashlights: 'torches',
  GFCI: 'RCD',
  grille: 'grille',
  'outdoor faucet': 'outside tap',
  'lint screen': 'fluff filter',
  'main shutoff': 'stop tap',
  'manufactured home': 'park home',
  'manufactured homes': 'park homes',
  outlet: 'socket',
  outlets: 'sockets',
  'outside stair': 'area steps',
  'packing nut': 'gland nut',
  'plumber’s tape': 'PTFE tape',
  'pop-up outlet': 'pop-up lawn outlet',
  registers: 'grilles',
  shingles: 'tiles and slates',
  'shop vacuum': 'wet-and-dry vacuum',
  'shutoff valve': 'service valve',
  siding: 'cladding',
  'swamp cooler': 'evaporative air cooler',
  trap: 'trap',
  trash: 'rubbish',
  'treatment plant': 'treatment plant',
  vacation: 'holiday',
  weatherstripping: 'draught strip',
  wrench: 'spanner',
  wrenches: 'spanners',
  yard: 'garden',
  'yard drain': 'gully',
};

/** Whole words that only differ in spelling; they need no mark in the texts. */
const SPELLINGS: Readonly<Record<string, string>> = {
  center: 'centre',
  centered: 'centred',
  color: 'colour',
  colored: 'coloured',
  fertilize: 'fertilise',
  gray: 'grey',
  ionization: 'ionisation',
  labeled: 'labelled',
  labor: 'labour',
  mold: 'mould',
  motorized: 'motorised',
  odor: 'odour',
  program: 'programme',
  recognized: 'recognised',
  smoldering: 'smouldering',
  vapor: 'vapour',
  winterizers: 'winterisers',
  winterizing: 'winterising',
};

const MARK = /\{([^{}]+)\}/g;
const WORD = /[A-Za-z]+/g;

/** Whose words and units a text is said in. */
export type Wording = Pick<Home, 'vocabulary' | 'units'>;

/**
 * A text of the catalogue in a home's own words: `{outlet}` is the thing by its name there, `{1 in|25 mm}` the figure in its
 * units. A mark that is neither stays as it is written, without its braces.
 */
export function wordsOf(text: string, { vocabulary, units }: Wording): string {
  const worded = text.replace(MARK, (_, mark: string) => {
    const [us, metric] = mark.split('|');
    if (metric !== undefined) return (units === 'us' ? us : metric) ?? '';
    return vocabulary === 'en-GB' ? british(mark) : mark;
  });
  return vocabulary === 'en-GB' ? worded.replace(WORD, spelled) : worded;
}

function british(mark: string): string {
  const plain = TERMS[mark] ?? TERMS[mark.charAt(0).toLowerCase() + mark.slice(1)] ?? mark;
  const capital = mark !== mark.toLowerCase() && TERMS[mark] === undefined;
  return capital ? capitalised(plain) : plain;
}

function spelled(word: string): string {
  const found = SPELLINGS[word.toLowerCase()];
  if (found === undefined) return word;
  return word.charAt(0) === word.charAt(0).toUpperCase() ? capitalised(found) : found;
}

const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** The marks of a text that name things, for the check that each has its British word. */
export const termsIn = (text: string): string[] =>
  [...text.matchAll(MARK)].flatMap(([, mark]) => (mark === undefined || mark.includes('|') ? [] : [mark]));

export const knowsTerm = (mark: string): boolean =>
  TERMS[mark] !== undefined || TERMS[mark.charAt(0).toLowerCase() + mark.slice(1)] !== undefined;
