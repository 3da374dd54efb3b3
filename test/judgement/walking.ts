import type { CivilDate } from '../../src/core/calendar/civilDate.ts';
import { PRACTICES } from '../../src/core/catalogue/catalogue.ts';
import { planFor, type Plan } from '../../src/core/catalogue/planFor.ts';
import type { ClimatePlace } from '../../src/core/climate/climate.ts';
import type { Home } from '../../src/core/house/house.ts';
import { adoptionOf, type Adoption } from '../../src/core/walkthrough/adoption.ts';
import type { HouseKind } from '../../src/core/walkthrough/houseKind.ts';
import { rememberedWork } from '../../src/core/walkthrough/lastDone.ts';
import { answersOf, confirmStop, nextStop } from '../../src/core/walkthrough/walked.ts';
import { NEW_WALK, type WalkState } from '../../src/core/walkthrough/walkState.ts';
import { walkedHouse, type WalkedHouse } from '../../src/core/walkthrough/walkedHouse.ts';

const PLAIN = {
  room: ({ called, number }: { called: string; number: number | null }) => `${called} ${number ?? ''}`.trim(),
  thing: (kind: string, number: number | null) => `${kind} ${number ?? ''}`.trim(),
};

interface Walked {
  readonly state: WalkState;
  readonly walked: WalkedHouse;
  readonly plan: Plan;
  readonly adoption: Adoption;
}

/** Walks through a house on a day: its kind is chosen, what its people say otherwise is said, every stop confirmed. */
export function walkThrough(
  { kind, said }: { readonly kind: HouseKind; readonly said: WalkState['answers'] },
  place: ClimatePlace,
  on: CivilDate,
): Walked {
  let state: WalkState = { ...NEW_WALK, kind, answers: said };
  for (let stop = nextStop(state); stop !== null; stop = nextStop(state))
    state = confirmStop(state, stop, place);
  const answers = answersOf(state, place);
  const walked = walkedHouse(answers, PLAIN);
  const plan = planFor({ ...place, assets: walked.assets, traits: walked.traits }, PRACTICES);
  let ids = 0;
  const remembered = rememberedWork(answers, place.hemisphere, on);
  return { state, walked, plan, adoption: adoptionOf(walked, plan, () => `id-${(ids += 1)}`, remembered) };
}

/** A home in a place, in American words. */
export const homeIn = (place: ClimatePlace): Home => ({
  id: 'h',
  name: 'Walked',
  zone: place.hemisphere === 'south' ? 'Pacific/Auckland' : 'America/Chicago',
  units: 'us',
  vocabulary: 'en-US',
  currency: 'USD',
  ...place,
});
