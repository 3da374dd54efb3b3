import type { AssetKind } from '../basics/assetKind.ts';
import type { FactValue } from '../basics/factValue.ts';
import { factsOfKind } from '../house/factsOfKind.ts';
import type { Asset } from '../house/house.ts';
import type { SetUp } from '../practice/lists.ts';
import type { Practice } from '../practice/practice.ts';

/** A fact needed at a step: of which thing, and what is known; null where nobody has noted it. */
export interface StepFact {
  readonly asset: string;
  readonly kind: AssetKind;
  readonly fact: string;
  readonly value: FactValue;
}

type Facts = Readonly<Record<string, FactValue>>;

/** Where a house shuts off what has to be off before the work, if the thing has no shutoff of its own. */
const SHUTOFF_OF: Partial<Record<SetUp, AssetKind>> = {
  'water-off': 'water-main',
  'gas-off': 'gas-supply',
  'power-off': 'panel',
};

/** Facts that say where something is shut and how. */
const SHUTOFF_FACTS = ['shutoff-place', 'shutoff', 'shutoff-how'] as const;

/** The facts needed at a step of some work: those it names, and before its first step where to shut off what has to be off. */
export function stepFacts(
  practice: Pick<Practice, 'steps' | 'setUps'>,
  place: number,
  things: readonly Asset[],
  house: readonly Asset[],
  factsOf: (asset: string) => Facts,
): StepFact[] {
  const named = practice.steps[place]?.facts ?? [];
  const own = things.flatMap((thing) =>
    named.flatMap((fact) => {
      const value = factsOf(thing.id)[fact] ?? null;
      // A fact that its kind never has is only shown where somebody noted it all the same.
      const isAsked = factsOfKind(thing.kind).some(({ code }) => code === fact);
      return value !== null || isAsked ? [{ asset: thing.id, kind: thing.kind, fact, value }] : [];
    }),
  );
  return [...own, ...(place === 0 ? shutoffs(practice.setUps, things, house, factsOf) : [])];
}

function shutoffs(
  setUps: readonly SetUp[],
  things: readonly Asset[],
  house: readonly Asset[],
  factsOf: (asset: string) => Facts,
): StepFact[] {
  return setUps.flatMap((setUp) => {
    const kind = SHUTOFF_OF[setUp];
    if (kind === undefined) return [];
    const own = things.filter(({ id }) => shutsOff(factsOf(id)) === setUp);
    const at = [...own, ...house.filter((one) => one.kind === kind)].find(({ id }) =>
      isText(factsOf(id)['shutoff-place']),
    );
    return at ? shutoffOf(at, factsOf(at.id)) : [];
  });
}

/** Which supply a thing’s own shutoff shuts: a switch its power, any other handle its gas, where it burns gas, or its water. */
function shutsOff({ shutoff, fuel }: Facts): SetUp | null {
  if (typeof shutoff !== 'string') return null;
  if (shutoff === 'switch' || shutoff === 'plug') return 'power-off';
  return fuel === 'gas' ? 'gas-off' : 'water-off';
}

const shutoffOf = ({ id, kind }: Asset, facts: Facts): StepFact[] =>
  SHUTOFF_FACTS.flatMap((fact) => {
    const value = facts[fact] ?? null;
    return value === null ? [] : [{ asset: id, kind, fact, value }];
  });

const isText = (value: FactValue | undefined): boolean => typeof value === 'string' && value !== '';
