import { toCivilDate, toDay, type CivilDate } from '../core/calendar/civilDate.ts';
import { findPractice } from '../core/catalogue/catalogue.ts';
import type { House } from '../core/house/house.ts';
import { planRound } from '../core/runs/planRun.ts';
import { roundOf } from '../core/runs/rounds.ts';
import { withItem, type RunState } from '../core/runs/runState.ts';
import { addDocument } from '../server/services/documents.ts';
import { saveRun } from '../server/services/runs.ts';
import { loadHouse } from '../server/stores/houseStore.ts';
import type { Tx } from '../server/db/database.ts';
import { v7 as uuid } from 'uuid';
import type { DemoHome, DemoPaper, DemoRun } from './demoHome.ts';

const DAY_MS = 86_400_000;

/** The parts of a demo home that its house file does not hold: papers of its things, and a round left half-way. */
export async function addExtras(
  tx: Tx,
  demo: DemoHome,
  homeId: string,
  { personId, today, now }: { readonly personId: string; readonly today: CivilDate; readonly now: number },
): Promise<void> {
  const home = { ...demo.home, id: homeId };
  const house = await loadHouse(tx, home);
  for (const paper of demo.papers ?? [])
    await addDocument(tx, home, uuid(), documentOf(paper, house, today), { by: personId, now });
  if (!demo.run) return;
  const begun = toCivilDate(toDay(today) - demo.run.daysAgo);
  const saving = { saw: 0, state: leftHalfWay(demo.run, house, begun) };
  await saveRun(tx, home, uuid(), saving, now - demo.run.daysAgo * DAY_MS);
}

function documentOf({ thing, kind, title, endsIn, text }: DemoPaper, house: House, today: CivilDate) {
  const asset = house.assets.find(({ name }) => name === thing);
  if (!asset) throw new Error(`the demo home ${house.home.name} has no ${thing}`);
  return {
    asset: asset.id,
    kind,
    title,
    coverEnds: endsIn === null ? null : toCivilDate(toDay(today) + endsIn),
    fileName: `${title.toLowerCase().replaceAll(/[^a-z0-9]+/g, '-')}.txt`,
    type: 'text/plain' as const,
    file: Buffer.from(text).toString('base64'),
  };
}

/** A round begun on a day, with its first pieces done and the next one open. */
export function leftHalfWay(
  { round: code, done, minutes }: DemoRun,
  house: House,
  begun: CivilDate,
): RunState {
  const round = roundOf(code);
  if (!round) throw new Error(`there is no round ${code}`);
  const plan = planRound(round, { house, gone: [], retired: [], find: findPractice, fits: () => true });
  const started = plan.items
    .slice(0, done)
    .reduce((run, { key }) => withItem(run, key, { status: 'done', date: begun, minutes }), plan);
  return { ...started, begun: true, at: plan.items[done]?.key ?? null };
}
