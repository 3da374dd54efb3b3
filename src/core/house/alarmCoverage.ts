import type { FactValue } from '../basics/factValue.ts';
import type { Asset, Space, SpaceUse } from './house.ts';

/** Why an alarm belongs in a place. Practitioners' rules; where the local code asks for more, it comes first. */
export type CoverageRule =
  | 'smoke-bedroom'
  | 'smoke-storey'
  | 'co-sleeping'
  | 'co-storey'
  | 'co-burner'
  /** Nothing is known to burn fuel: several practitioners say every home should have one all the same. */
  | 'co-advised';

/** One place that should have an alarm, and what covers it. `covered` is empty where one is missing. */
export interface CoveredPlace {
  readonly rule: CoverageRule;
  readonly alarm: 'smoke' | 'co';
  /** A space, or the storey where any space outside the bedrooms will do; both null: anywhere in the home. */
  readonly space: string | null;
  readonly storey: number | null;
  readonly covered: readonly string[];
}

export interface AlarmCoverage {
  readonly places: readonly CoveredPlace[];
  /** Alarms not said to stand anywhere: they may cover a place, nobody can tell which. */
  readonly placeless: readonly string[];
  /** False where no space is known at all: then nothing can be said. */
  readonly known: boolean;
}

/** Spaces whose storey people live on; a garage, an attic or the open air counts for none. */
const UNLIVED: readonly SpaceUse[] = ['garage', 'attic', 'crawl-space', 'outdoors'];

/** Things that burn fuel inside, beside which a carbon monoxide alarm belongs. */
const BURNERS = ['furnace', 'boiler', 'water-heater', 'fireplace', 'gas-fireplace', 'chimney'] as const;

/** Fuels that burn nothing. */
export const NO_FLAME: readonly FactValue[] = ['electric', 'heat-pump'];

/**
 * Which places should have an alarm and which have one: smoke in each bedroom and, outside them, on each storey with the basement;
 * carbon monoxide within reach of each sleeping area, on each storey and near what burns, where anything does.
 */
export function alarmCoverage(
  spaces: readonly Space[],
  assets: readonly Asset[],
  traits: ReadonlyMap<string, FactValue>,
): AlarmCoverage {
  const rooms = spaces.filter(({ use }) => use !== undefined && !UNLIVED.includes(use));
  const alarms = assets.filter(({ kind }) => kind === 'smoke-alarm' || kind === 'co-alarm');
  const placeless = alarms.filter(({ space }) => space === undefined).map(({ id }) => id);
  const places = [...smokePlaces(spaces, rooms, alarms), ...coPlaces(spaces, rooms, assets, traits)];
  return { places, placeless, known: rooms.length > 0 };
}

const place = (
  rule: CoverageRule,
  where: Partial<Pick<CoveredPlace, 'space' | 'storey'>>,
  covered: readonly string[],
): CoveredPlace => ({
  rule,
  alarm: rule.startsWith('smoke') ? 'smoke' : 'co',
  space: null,
  storey: null,
  ...where,
  covered,
});

/** The alarms that hang in a space of some sort. */
const hangingIn = (
  alarms: readonly Asset[],
  spaces: readonly Space[],
  wanted: (space: Space) => boolean,
): string[] =>
  alarms.flatMap(({ id, space }) => {
    const room = spaces.find((one) => one.id === space);
    return room && wanted(room) ? [id] : [];
  });

const storeysOf = (rooms: readonly Space[]): number[] =>
  [...new Set(rooms.flatMap(({ storey }) => storey ?? []))].sort((a, b) => a - b);

function smokePlaces(
  spaces: readonly Space[],
  rooms: readonly Space[],
  alarms: readonly Asset[],
): CoveredPlace[] {
  const smoke = alarms.filter(({ kind, facts }) => kind === 'smoke-alarm' && facts?.['sensing'] !== 'heat');
  const bedrooms = rooms.filter(({ use }) => use === 'bedroom');
  const outside = rooms.filter(({ use }) => use !== 'bedroom');
  return [
    ...bedrooms.map(({ id }) =>
      place(
        'smoke-bedroom',
        { space: id },
        hangingIn(smoke, spaces, (one) => one.id === id),
      ),
    ),
    ...storeysOf(rooms).map((storey) =>
      place(
        'smoke-storey',
        { storey },
        hangingIn(smoke, outside, (one) => one.storey === storey),
      ),
    ),
  ];
}

function coPlaces(
  spaces: readonly Space[],
  rooms: readonly Space[],
  assets: readonly Asset[],
  traits: ReadonlyMap<string, FactValue>,
): CoveredPlace[] {
  const co = assets.filter(
    ({ kind, facts }) => kind === 'co-alarm' || (kind === 'smoke-alarm' && facts?.['senses-co'] === true),
  );
  const burners = burnersOf(assets);
  if (burners.length === 0 && traits.get('burns-fuel') !== true)
    return [
      place(
        'co-advised',
        {},
        co.map(({ id }) => id),
      ),
    ];
  const sleeping = storeysOf(rooms.filter(({ use }) => use === 'bedroom'));
  return [
    ...storeysOf(rooms).map((storey) =>
      place(
        sleeping.includes(storey) ? 'co-sleeping' : 'co-storey',
        { storey },
        hangingIn(co, spaces, (one) => one.storey === storey),
      ),
    ),
    ...burnerSpaces(burners, rooms).map((id) => {
      const burner = spaces.find((space) => space.id === id);
      return place(
        'co-burner',
        { space: id },
        hangingIn(co, spaces, (one) => isNear(one, burner)),
      );
    }),
  ];
}

function burnersOf(assets: readonly Asset[]): Asset[] {
  return assets.filter(({ kind, facts }) => {
    if (!(BURNERS as readonly string[]).includes(kind)) return false;
    const fuel = facts?.['fuel'];
    if (kind === 'furnace' || kind === 'boiler' || kind === 'water-heater')
      return typeof fuel === 'string' && !NO_FLAME.includes(fuel);
    return true;
  });
}

/** Rooms people can be in where something burns. */
const burnerSpaces = (burners: readonly Asset[], rooms: readonly Space[]): string[] => [
  ...new Set(burners.flatMap(({ space }) => (rooms.some(({ id }) => id === space) ? (space ?? []) : []))),
];

/** In the same room, or in a hall of the same storey: near enough to hear and to sense. */
const isNear = (one: Space, burner: Space | undefined): boolean =>
  one.id === burner?.id || (one.storey === burner?.storey && one.use === 'hall');
