import type { FactValue } from '../basics/factValue.ts';
import type { Skill } from '../practice/planning.ts';
import type { Practice } from '../practice/practice.ts';
import type { Doer } from '../practice/terms.ts';
import type { Asset } from './house.ts';

/** The trait by which a household says that it does such work itself; where nothing was said it does not. */
export const SKILL_TRAITS = {
  ladders: 'does-ladders',
  gas: 'does-gas',
  mains: 'does-mains',
  crawling: 'does-crawling',
  sewage: 'does-sewage',
} as const satisfies Record<Exclude<Skill, 'steps'>, string>;

type Traits = ReadonlyMap<string, FactValue>;

/**
 * Who does a practice on a thing: whoever it names first, but a trade where it asks for what the household leaves to others; themselves
 * where they do such work and the practice lets them.
 */
export function doerFor(practice: Practice, asset: Asset, traits: Traits): Doer {
  const [first = 'self'] = practice.doers;
  const own = practice.doers.find((doer) => doer !== 'trade');
  if (own === undefined) return 'trade';
  const needed = skillsNeeded(practice, asset);
  if (needed.some((skill) => !does(skill, traits))) return 'trade';
  return first === 'trade' && needed.length === 0 ? 'trade' : alone(own, practice, traits);
}

/** Whoever lives alone does alone what one can do alone. */
const alone = (own: Doer, { doers }: Practice, traits: Traits): Doer =>
  own === 'helper' && traits.get('people') === 1 && doers.includes('self') ? 'self' : own;

/** The skills a practice asks of whoever does it to this thing: gas only where it burns something, mains where it runs on them. */
export function skillsNeeded({ planning }: Practice, { facts = {} }: Asset): readonly Skill[] {
  return (planning?.skills ?? []).filter((skill) => {
    if (skill === 'gas') return facts['fuel'] !== 'electric' && facts['fuel'] !== 'heat-pump';
    if (skill === 'mains' && facts['power'] !== undefined) return facts['power'] === 'wired';
    if (skill === 'mains') return facts['fuel'] === undefined || facts['fuel'] === 'electric';
    return true;
  });
}

/** Whether the household does such work. A step ladder indoors is for everyone who has not said otherwise. */
function does(skill: Skill, traits: Traits): boolean {
  const uneasy = traits.get('uneasy-on-ladders') === true;
  if (skill === 'steps') return !uneasy;
  if (skill === 'ladders' && uneasy) return false;
  return traits.get(SKILL_TRAITS[skill]) === true;
}

/** Whether a practice asks for work that the household has said it does not do. What nobody has said decides nothing here. */
export const leavesToOthers = (practice: Practice, asset: Asset, traits: Traits): boolean =>
  skillsNeeded(practice, asset).some((skill) => {
    const isLadder = skill === 'steps' || skill === 'ladders';
    if (isLadder && traits.get('uneasy-on-ladders') === true) return true;
    return skill !== 'steps' && traits.get(SKILL_TRAITS[skill]) === false;
  });
