import { computed, type ComputedRef, type Ref } from 'vue';
import { currentUnit } from '../../core/house/house.ts';
import { thingsOf } from '../../core/readings/fill/fillIn.ts';
import type { KnownForReading, LastRead } from '../../core/readings/fill/known.ts';
import type { KnownBody } from '../../contract/known.ts';
import type { FactValue } from '../../core/basics/factValue.ts';
import { ask } from '../device/ask.ts';
import { useHome } from '../stores/home.ts';
import type { WeatherDay } from '../../core/climate/weather.ts';

/** Days ahead that a measurement reckons with: until the next one is usually taken. */
const AHEAD_DAYS = 7;

/** The facts of a thing as they are known, with those of what it is part of. */
export function factsWithin(
  assets: readonly {
    readonly id: string;
    readonly partOf?: string | undefined;
    readonly facts?: Facts | undefined;
  }[],
  known: Readonly<Record<string, Facts>>,
): (asset: string) => Facts {
  const factsOf = (id: string): Facts => {
    const thing = assets.find((one) => one.id === id);
    const own = known[id] ?? thing?.facts ?? {};
    if (thing?.partOf === undefined) return own;
    return {
      ...factsOf(thing.partOf),
      ...Object.fromEntries(Object.entries(own).filter(([, value]) => value !== null)),
    };
  };
  return factsOf;
}
type Facts = Readonly<Record<string, FactValue>>;

/** The knowledge of the home on screen, as a reading is filled in from it. `taken`: read just now and not yet written. */
export function useKnownForReading(
  known: Ref<KnownBody | null>,
  outlook: Ref<readonly WeatherDay[]>,
  work: Ref<KnownForReading['work']>,
  taken: Ref<readonly LastRead[]>,
): ComputedRef<KnownForReading | null> {
  const home = useHome();
  return computed(() => {
    const { house, on } = home;
    const body = known.value;
    if (!house || !body || on === null) return null;
    const lows = outlook.value.slice(0, AHEAD_DAYS).flatMap(({ low }) => (low === undefined ? [] : [low]));
    return {
      today: on,
      assets: house.assets.filter(({ id }) => !body.gone.includes(id)),
      spaces: house.spaces,
      factsOf: factsWithin(house.assets, body.facts),
      traits: body.traits,
      lastRead: [...taken.value, ...body.lastRead],
      lastDone: house.duties.flatMap(({ id, asset, practice }) =>
        practice.from === 'catalogue'
          ? [
              {
                asset: currentUnit(house.assets, asset)?.id ?? asset,
                practice: practice.code,
                on: body.lastDone[id] ?? null,
              },
            ]
          : [],
      ),
      stock: body.stock,
      lowestAhead: lows.length > 0 ? Math.min(...lows) : null,
      work: work.value,
    };
  });
}

/** The thing of the home that a calculator is filled in from where nobody chose one: the first it may be about. */
export const firstThing = (reading: string, known: KnownForReading | null): string =>
  (known && thingsOf(reading, known.assets)[0]?.id) ?? '';

/** The forecast of a home. Where there is none to be had the field for it stays empty. */
export const askOutlook = async (homeId: string): Promise<readonly WeatherDay[]> =>
  (await ask('climate', { params: { homeId } }).catch(() => null))?.outlook ?? [];
