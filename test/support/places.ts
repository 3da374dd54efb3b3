import { ADDRESSES, HOME, type RouteName } from '../../src/web/addresses.ts';

/** The place each page is in, and the page each place opens with; the two acts are in none. */
const PLACE_OF: Readonly<Record<string, string>> = {
  today: 'today',
  drawings: 'howTo',
  year: 'plan',
  weeks: 'plan',
  hours: 'plan',
  upkeep: 'plan',
  runs: 'plan',
  almanac: 'plan',
  house: 'house',
  sheet: 'house',
  alarms: 'house',
  about: 'house',
  people: 'house',
  walk: 'house',
  add: 'house',
  ledger: 'record',
  practices: 'howTo',
  bench: 'howTo',
  disagreements: 'howTo',
};
const FIRST_PAGES: Readonly<Record<string, string>> = {
  today: 'today',
  plan: 'year',
  house: 'house',
  record: 'ledger',
  howTo: 'practices',
};

/** Where a page is found: its place, whether that opens with it, and whether an address is its own in some home. Throws where no page has the name. */
export function whereIs(page: string): {
  readonly place: string | null;
  readonly isFirst: boolean;
  readonly isAt: (address: string) => boolean;
} {
  if (!(page in ADDRESSES)) throw new Error(`no page has the name ${page}`);
  const [path = ''] = ADDRESSES[page as RouteName].split('/:code');
  const more = page === 'bench' ? '(/.*)?' : '';
  const own = new RegExp(`^/homes/[^/]+${path.slice(HOME.length)}${more}$`);
  const place = PLACE_OF[page] ?? null;
  return {
    place,
    isFirst: place !== null && FIRST_PAGES[place] === page,
    isAt: (address) => own.test(new URL(address).pathname),
  };
}
