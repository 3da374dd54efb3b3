import type { AssetKind } from '../basics/assetKind.ts';
import { KIND_FACTS } from './data/kindFacts.ts';
import type { FactSpec } from './factSpec.ts';

/** Whom to call for one thing: anything may have a trade or a maker of its own. */
const CONTACT: FactSpec = { code: 'contact', kind: 'text' };

/** The facts worth knowing of a kind of asset, in the order they are asked. */
export const factsOfKind = (kind: AssetKind): readonly FactSpec[] => [...(KIND_FACTS[kind] ?? []), CONTACT];

/** The spec of a fact; undefined for one the home made up itself. */
export const specOf = (kind: AssetKind, code: string): FactSpec | undefined =>
  factsOfKind(kind).find((spec) => spec.code === code);
