import { figuresOf, type ClimatePlace } from '../climate/climate.ts';
import { HomeSeasons } from '../climate/homeSeasons.ts';
import type { StationClimate } from '../climate/stationClimate.ts';
import type { AssetKind } from '../basics/assetKind.ts';
import type { FactValue } from '../basics/factValue.ts';
import type { Asset } from '../house/house.ts';
import { holds, type ClimateTrait, type KnownFacts, type Truth } from '../practice/condition.ts';
import { countingRules, type Rule } from '../practice/rule.ts';
import type { Practice, School } from '../practice/practice.ts';

/** A house as described, before anything is kept: what stands in it, what it and its people are like, where it is. */
export interface Described extends ClimatePlace {
  readonly assets: readonly Asset[];
  readonly traits: ReadonlyMap<string, FactValue>;
}

/** One duty of a plan: what is done to which thing, by which school, and why that one. */
export interface PlannedDuty {
  readonly practice: Extract<Practice, { kind: 'duty' }>;
  readonly asset: Asset;
  readonly school: School;
  readonly because: 'default' | 'fits';
}

/** Practices that do not become a duty, and why. */
export interface LeftOut {
  readonly practice: Practice;
  readonly asset: Asset;
  readonly because: 'not-here' | 'not-known' | 'alternative' | 'next' | 'covered' | 'offered' | 'unwanted';
  /** The practice that takes its place, or does it as well. */
  readonly by: string | null;
}

export interface Plan {
  readonly duties: readonly PlannedDuty[];
  /** Improvements, facts to establish, responses and habits that go with what stands in the house. */
  readonly besides: readonly { readonly practice: Practice; readonly asset: Asset }[];
  readonly leftOut: readonly LeftOut[];
}

/** The household's own say before a plan is taken on: what it leaves out, and what is only offered that it wants. */
export interface Wishes {
  readonly without: ReadonlySet<string>;
  readonly wanted: ReadonlySet<string>;
}
const NO_WISHES: Wishes = { without: new Set(), wanted: new Set() };

/** The plan a good practitioner would propose for a house: what applies, one of each group of alternatives, no look beside the change that covers it. */
export function planFor(house: Described, practices: readonly Practice[], wishes: Wishes = NO_WISHES): Plan {
  const judge = new Judge(house);
  const leftOut: LeftOut[] = [];
  const applying = practices.flatMap((practice) =>
    house.assets
      .filter(({ kind }) => practice.appliesTo.includes(kind))
      .flatMap((asset) => {
        const truth = judge.applies(practice, asset);
        if (truth === 'yes' || (truth === 'unknown' && practice.kind !== 'duty'))
          return [{ practice, asset }];
        leftOut.push({ practice, asset, because: truth === 'no' ? 'not-here' : 'not-known', by: null });
        return [];
      }),
  );
  const duties = applying.flatMap(({ practice, asset }): PlannedDuty[] => {
    if (practice.kind !== 'duty') return [];
    const chosen = judge.schoolOf(practice, asset);
    if (!chosen) leftOut.push({ practice, asset, because: 'not-here', by: null });
    return chosen ? [{ practice, asset, ...chosen }] : [];
  });
  const taken = withoutUnwanted(duties, wishes, leftOut);
  const chosen = withoutCovered(withoutAlternatives(taken, leftOut), leftOut);
  return { duties: chosen, besides: applying.filter(({ practice }) => practice.kind !== 'duty'), leftOut };
}

/** A practice only offered stays out unless it is wanted; one the household left out stays out, life safety too: it was told. */
function withoutUnwanted(
  duties: readonly PlannedDuty[],
  { without, wanted }: Wishes,
  leftOut: LeftOut[],
): PlannedDuty[] {
  return duties.filter(({ practice, asset }) => {
    const isOffered = practice.offered === true && !wanted.has(practice.code);
    if (!isOffered && !without.has(practice.code)) return true;
    leftOut.push({ practice, asset, because: isOffered ? 'offered' : 'unwanted', by: null });
    return false;
  });
}

/** Of one group of alternatives on one thing the first listed stays, the rest are offered when a step fails. */
function withoutAlternatives(duties: readonly PlannedDuty[], leftOut: LeftOut[]): PlannedDuty[] {
  const first = new Map<string, Practice>();
  return duties.filter(({ practice, asset }) => {
    if (practice.alternatives === undefined) return true;
    const key = `${asset.id} ${practice.alternatives}`;
    const kept = first.get(key);
    if (kept === undefined) first.set(key, practice);
    if (kept === undefined) return true;
    const because = kept.leadsTo.includes(practice.code) ? 'next' : 'alternative';
    leftOut.push({ practice, asset, because, by: kept.code });
    return false;
  });
}

/**
 * A practice that another duty covers is no duty of its own: one on the same thing, or one that could not be done to this thing at all, so
 * that one trip round the house is one line.
 */
function withoutCovered(duties: readonly PlannedDuty[], leftOut: LeftOut[]): PlannedDuty[] {
  return duties.filter(({ practice, asset }) => {
    const by = duties.find(
      (other) =>
        other.practice.covers.includes(practice.code) &&
        (other.asset.id === asset.id || !other.practice.appliesTo.includes(asset.kind)),
    );
    if (by) leftOut.push({ practice, asset, because: 'covered', by: by.practice.code });
    return !by;
  });
}

class Judge {
  private readonly kinds: ReadonlySet<AssetKind>;
  private readonly climate: ReadonlySet<ClimateTrait> | null;
  private readonly seasons: HomeSeasons;

  constructor(private readonly house: Described) {
    this.kinds = new Set(house.assets.map(({ kind }) => kind));
    this.seasons = new HomeSeasons(house);
    const figures = figuresOf(house);
    this.climate = figures && climateTraits(figures);
  }

  applies(practice: Practice, asset: Asset): Truth {
    return practice.when === undefined ? 'yes' : holds(practice.when, this.known(asset));
  }

  /**
   * Of the schools whose dates come here at all the last listed whose case this house can be seen to be; else the default; else the first. Null
   * where none comes: what waits for a season that never is.
   */
  schoolOf(practice: PlannedDuty['practice'], asset: Asset): Pick<PlannedDuty, 'school' | 'because'> | null {
    const known = this.known(asset);
    const here = practice.schools.filter(({ rule }) => this.comes(rule));
    const fitting = here.findLast(({ fits }) => fits !== undefined && holds(fits, known) === 'yes');
    const school = fitting ?? here.find(({ code }) => code === practice.defaultSchool) ?? here[0];
    return school ? { school, because: fitting ? 'fits' : 'default' } : null;
  }

  /** Whether a rule ever falls due here: a season may be known never to come. */
  private comes(rule: Rule): boolean {
    return countingRules(rule).some(
      (part) => part.kind !== 'season' || this.seasons.date(part.anchor, part.risk ?? 10).basis !== 'none',
    );
  }

  private known({ facts }: Asset): KnownFacts {
    return { facts: facts ?? {}, traits: this.house.traits, climate: this.climate, kinds: this.kinds };
  }
}

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length;

/**
 * Traits of a climate, from its figures (°C, mm). Humid summer: it cools, and the months with lows of 18 °C and more bring
 * 80 mm of rain on average; dry: under 400 mm a year; mild and wet: never cools, no month's mean at or below 0, over 600 mm.
 */
export function climateTraits(figures: StationClimate): ReadonlySet<ClimateTrait> {
  const traits = new Set<ClimateTrait>();
  const means = figures.high.map((high, month) => (high + (figures.low[month] ?? high)) / 2);
  const rain = figures.rain.reduce((sum, month) => sum + month, 0);
  const sultry = figures.rain.filter((_, month) => (figures.low[month] ?? 0) >= 18);
  const cools = figures.cooling !== 'never';
  if (figures.firstFreeze[10] !== null) traits.add('freezes');
  if (figures.heating !== 'never') traits.add('heats');
  if (figures.leafFall !== null) traits.add('sheds-leaves');
  if (cools) traits.add('cools');
  if (cools && sultry.length > 0 && mean(sultry) >= 80) traits.add('humid-summer');
  if (rain < 400) traits.add('dry');
  if (!cools && Math.min(...means) > 0 && rain > 600) traits.add('mild-wet');
  if (Math.min(...means) <= -1) traits.add('cold-winter');
  return traits;
}
