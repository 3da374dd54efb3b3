import { toDay, type CivilDate, type DayNumber } from '../../calendar/civilDate.ts';
import { weatherTriggers, type Trigger, type Weather } from '../../climate/weather.ts';
import { rootsOf, type Asset, type House } from '../../house/house.ts';
import { factsTold, withFacts } from '../../ledger/knownHouse.ts';
import { timingOf, type FindPractice } from '../../house/timingOf.ts';
import { isAgeFact, unitAgeOf } from '../../house/unitAge.ts';
import type { StandingEntry } from '../../ledger/corrections.ts';
import type { EntryBody } from '../../ledger/entry.ts';
import { stockAfter } from '../../ledger/stock.ts';
import type { MeterReading } from '../rules/ruleState.ts';
import { stockOf, toldOf, type Checkpoint, type Past } from './checkpoint.ts';
import { DutyDraft } from './dutyDraft.ts';
import { stateKey, type HouseHistory, type TraitChange } from './history.ts';
import type { UnitAge } from '../../house/unitAge.ts';
import type { Look, DutyEvent } from '../rules/dutyEvent.ts';
import type { StateChange } from './seasonState.ts';

/** Gathers what a ledger says as of a day, in the order it happened, of each duty and of the house. */
export function gather(
  house: House,
  past: Past,
  today: CivilDate,
  find: FindPractice,
  weather: Weather,
): HouseHistory {
  const told = toldOf(past);
  const gathering = new Gathering(house, find, knownUnits(house, told));
  const since = past.start?.count ?? 0;
  if (past.start) gathering.resume(past.start);
  past.recent.forEach((item, place) => {
    const order = since + place;
    if (item.body.kind === 'adopted') gathering.adopt(item, item.body);
    else gathering.take(item, order);
  });
  return gathering.finish(weatherTriggers(weather, toDay(today)), past);
}

/** For each asset what is now known of the unit in its place: what a new one is not known to be, the old one was. */
function knownUnits({ assets }: House, past: readonly StandingEntry[]): (asset: Asset) => Asset {
  const told = factsTold(past);
  const successors = new Map(
    past.flatMap(({ body }) => (body.kind === 'replaced' ? [[body.asset, body.successor] as const] : [])),
  );
  const byId = new Map(assets.map((asset) => [asset.id, withFacts(asset, told)]));
  const known = (asset: Asset, depth = 0): Asset => {
    const next = byId.get(successors.get(asset.id) ?? '');
    if (!next || depth > assets.length) return asset;
    return known({ ...next, facts: { ...asset.facts, ...next.facts } }, depth + 1);
  };
  return (asset) => known(byId.get(asset.id) ?? asset);
}

class Gathering {
  private readonly drafts = new Map<string, DutyDraft>();
  private readonly byRoot = new Map<string, DutyDraft[]>();
  private readonly roots: ReadonlyMap<string, string>;
  /** Each thing with its facts as told so far. */
  private readonly assets: Map<string, Asset>;
  private readonly standingUnit = new Map<string, string>();
  private readonly triggers: Trigger[] = [];
  private readonly traits = new Map<string, TraitChange[]>();
  private readonly states = new Map<string, StateChange[]>();
  private readonly meters = new Map<string, Map<string, MeterReading[]>>();

  constructor(house: House, find: FindPractice, unitNow: (asset: Asset) => Asset) {
    this.roots = rootsOf(house.assets);
    this.assets = new Map(house.assets.map((asset) => [asset.id, asset]));
    for (const duty of house.duties) {
      const root = this.rootOf(duty.asset);
      const asset = this.assets.get(duty.asset);
      const timing = timingOf(duty, asset && unitNow(asset), find);
      const code = duty.practice.from === 'catalogue' ? duty.practice.code : null;
      const covers = (code !== null && find(code)?.covers) || [];
      const unit = ageOf(this.assets.get(root));
      const draft = new DutyDraft({ duty, timing, root, code, covers, unit });
      this.drafts.set(duty.id, draft);
      const others = this.byRoot.get(root);
      if (others) others.push(draft);
      else this.byRoot.set(root, [draft]);
    }
  }

  /** Goes on from what was gathered up to a checkpoint. */
  resume({ duties, kept, traits, states, triggers, meters }: Checkpoint): void {
    for (const duty of duties) this.drafts.get(duty.id)?.resume(duty);
    for (const { body } of kept) {
      if (body.kind === 'fact') this.learn(body);
      else if (body.kind === 'replaced') this.standingUnit.set(this.rootOf(body.asset), body.successor);
    }
    for (const { code, changes } of traits) this.traits.set(code, [...changes]);
    for (const { key, line } of states) this.states.set(key, [...line]);
    this.triggers.push(...triggers);
    for (const { root, measure, readings } of meters)
      this.meters.set(root, new Map([...(this.meters.get(root) ?? []), [measure, [...readings]]]));
  }

  adopt({ entry, date }: StandingEntry, body: Extract<EntryBody, { kind: 'adopted' }>): void {
    this.drafts.get(body.duty)?.adopt(entry.id, toDay(date), body.terms);
  }

  /** Hands an entry to whatever it speaks of. Kinds that decide no date are left. */
  take(item: StandingEntry, order: number): void {
    const { body } = item;
    const day = toDay(item.date);
    const entryId = item.entry.id;
    switch (body.kind) {
      case 'terms':
        this.drafts.get(body.duty)?.changeTerms(day, body.terms);
        break;
      case 'retired':
        this.drafts.get(body.duty)?.retire(day);
        break;
      case 'dismissed':
        this.drafts.get(body.duty)?.dismiss(order);
        break;
      case 'done':
      case 'skipped':
        this.complete(body, { entryId, day, order });
        break;
      case 'putOff':
        this.event(body.duty, order, {
          kind: 'putOff',
          day,
          occurrence: body.occurrence,
          to: body.to,
          why: body.why,
        });
        break;
      case 'paused':
      case 'resumed':
        this.event(body.duty, order, { kind: body.kind, day });
        break;
      default:
        this.takeOfAsset(body, { entryId, day, order });
    }
  }

  private takeOfAsset(body: EntryBody, at: At): void {
    switch (body.kind) {
      case 'finding':
        this.look(body.asset, at, {
          finding: body.what,
          calls: body.verdict === 'act' || body.verdict === 'stop',
          duty: body.duty ?? null,
          measure: null,
          value: 0,
        });
        break;
      case 'reading':
        this.read(body.asset, body.measure, { day: at.day, value: body.value });
        this.look(body.asset, at, {
          finding: null,
          calls: false,
          duty: null,
          measure: body.measure,
          value: body.value,
        });
        break;
      case 'opened':
      case 'shut':
        this.turnStates(
          this.rootOf(body.asset),
          body.state ?? null,
          body.kind === 'shut' ? 'closed' : 'open',
          at,
        );
        break;
      case 'replaced':
        this.replace(body.asset, body.successor, at);
        break;
      case 'removed':
        for (const draft of this.byRoot.get(this.rootOf(body.asset)) ?? []) draft.retire(at.day);
        break;
      case 'fact':
        this.tellFact(body, at);
        break;
      case 'event':
        this.triggers.push({ code: body.trigger, day: at.day, source: 'logged', entryId: at.entryId });
        break;
      case 'trait':
        this.traits.set(body.trait, [
          ...(this.traits.get(body.trait) ?? []),
          { day: at.day, value: body.value },
        ]);
        break;
      default:
      // The rest of the kinds decide no date.
    }
  }

  finish(weather: readonly Trigger[], { start, recent }: Past): HouseHistory {
    const triggers = [...this.triggers, ...weather].sort((a, b) => a.day - b.day);
    const since = start?.count ?? 0;
    const duties = [...this.drafts.values()].flatMap((draft) => {
      const { pair } = draft.timing;
      const line = pair ? (this.states.get(stateKey(draft.root, pair.state)) ?? []) : [];
      return draft.finish(line, this.meters.get(draft.root) ?? new Map(), since) ?? [];
    });
    const stock = stockAfter(recent, (dutyId) => this.drafts.get(dutyId)?.timing.needs ?? [], stockOf(start));
    return { duties, triggers, traits: this.traits, states: this.states, stock };
  }

  private rootOf = (assetId: string): string => this.roots.get(assetId) ?? assetId;

  private event(dutyId: string, order: number, event: DutyEvent): void {
    this.drafts.get(dutyId)?.events.push({ order, event });
  }

  private complete(
    body: Extract<EntryBody, { kind: 'done' | 'skipped' }>,
    { entryId, day, order }: At,
  ): void {
    const draft = this.drafts.get(body.duty);
    if (!draft) return;
    const occurrence = (body.kind === 'done' && body.occurrence) || null;
    const event = { kind: 'completion', entryId, day, how: body.kind } as const;
    draft.events.push({ order, event: { ...event, occurrence } });
    // Doing this is doing those as well: changing a filter is also the look at it.
    if (body.kind === 'done')
      for (const other of this.byRoot.get(draft.root) ?? [])
        if (draft.covers.includes(other.code ?? ''))
          other.events.push({ order, event: { ...event, occurrence: null } });
    const { pair } = draft.timing;
    if (!pair || body.kind === 'skipped') return;
    this.turn(draft.root, pair.state, pair.half === 'closes' ? 'closed' : 'open', { entryId, day, order });
  }

  /** An asset shut or opened by hand: the state named, or every state its pairs know. */
  private turnStates(root: string, state: string | null, standing: 'open' | 'closed', at: At): void {
    const known = (this.byRoot.get(root) ?? []).flatMap(({ timing }) => timing.pair?.state ?? []);
    for (const each of new Set(state === null ? known : [state])) this.turn(root, each, standing, at);
  }

  private turn(root: string, state: string, standing: 'open' | 'closed', { entryId, day, order }: At): void {
    const key = stateKey(root, state);
    const line = this.states.get(key) ?? [];
    line.push({ day, order, standing, entryId });
    this.states.set(key, line);
  }

  private look(asset: string, at: At, seen: Seen): void {
    for (const draft of this.byRoot.get(this.rootOf(asset)) ?? []) {
      const { duty, ...found } = seen;
      if (duty !== null && duty !== draft.duty.id) continue;
      const look: Look = { kind: 'look', entryId: at.entryId, day: at.day, ofDuty: duty !== null, ...found };
      draft.events.push({ order: at.order, event: look });
    }
  }

  private read(asset: string, measure: string, reading: MeterReading): void {
    const root = this.rootOf(asset);
    const meters = this.meters.get(root) ?? new Map<string, MeterReading[]>();
    meters.set(measure, [...(meters.get(measure) ?? []), reading]);
    this.meters.set(root, meters);
  }

  private replace(asset: string, successor: string, at: At): void {
    const root = this.rootOf(asset);
    this.standingUnit.set(root, successor);
    this.renew(root, at, 'replaced', ageOf(this.assets.get(successor)));
  }

  /** Facts about the age of the present unit; that of one long gone changes nothing. */
  private tellFact(body: Extract<EntryBody, { kind: 'fact' }>, at: At): void {
    const known = this.learn(body);
    if (!known) return;
    const { asset, fact } = body;
    const root = this.rootOf(asset);
    if (isAgeFact(fact) && (this.standingUnit.get(root) ?? root) === asset)
      this.renew(root, at, 'told', unitAgeOf(known));
  }

  /** A thing with one fact more; null where the house has none of that id. */
  private learn({ asset, fact, value }: Extract<EntryBody, { kind: 'fact' }>): Asset | null {
    const unit = this.assets.get(asset);
    if (!unit) return null;
    const known = { ...unit, facts: { ...unit.facts, [fact]: value } };
    this.assets.set(asset, known);
    return known;
  }

  private renew(root: string, { entryId, day, order }: At, how: 'replaced' | 'told', unit: UnitAge): void {
    for (const { events } of this.byRoot.get(root) ?? [])
      events.push({ order, event: { kind: 'renewal', entryId, day, how, unit } });
  }
}

/** Where in time an entry stands. */
interface At {
  readonly entryId: string;
  readonly day: DayNumber;
  readonly order: number;
}

type Seen = Pick<Look, 'finding' | 'calls' | 'measure' | 'value'> & { readonly duty: string | null };

const ageOf = (asset: Asset | undefined): UnitAge =>
  asset ? unitAgeOf(asset) : { made: null, life: null, ends: null, sensesTwo: false };
