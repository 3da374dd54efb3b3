import { defineStore } from 'pinia';
import { computed, ref, shallowRef } from 'vue';
import type { HouseBody, ScheduleRow, StandingBody, TodayBody } from '../../contract/schemas.ts';
import type { Written } from '../../contract/written.ts';
import { allows } from '../../contract/access.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import { civilDateIn } from '../../core/calendar/zone.ts';
import type { FindPractice } from '../../core/house/timingOf.ts';
import { ask, askAged, dropKnown, keepKnown, type Aged } from '../device/ask.ts';
import { ApiError, NoConnection } from '../device/errors.ts';
import type { WriteRoute } from '../device/writeRoutes.ts';
import { catalogue, loadCatalogue } from '../catalogue.ts';
import { useOutbox } from './outbox.ts';

/** The home on screen: the house, what is due in it, and the home's own today. */
export const useHome = defineStore('home', () => {
  // Replaced whole, never changed within: nothing of them need be watched piece by piece.
  const house = shallowRef<HouseBody | null>(null);
  const rows = shallowRef<ScheduleRow[]>([]);
  const on = ref<CivilDate | null>(null);
  /** Everything Today shows but the due tasks; null until it is read, or where it may be another since. */
  const standing = shallowRef<StandingBody | null>(null);
  /** Practices by code: the catalogue's and the home's own. Until they are fetched there are none. */
  const find = computed<FindPractice>(
    () => catalogue.value?.finderWith(house.value?.practices ?? []) ?? (() => undefined),
  );
  const mayWrite = computed(() => house.value !== null && allows(house.value.role, 'write'));

  /** Reads a home anew; a home left behind meanwhile does not overwrite the one on screen. */
  async function load(homeId: string): Promise<void> {
    wanted = homeId;
    if (house.value?.home.id !== homeId) forget();
    const params = { homeId };
    const [body, today] = await read(params);
    if (wanted !== homeId) return;
    house.value = body;
    standing.value = null;
    rows.value = today.rows;
    on.value = today.on;
  }

  /** Without a connection what was read before stays on screen; what one may no longer see does not. */
  async function read(params: { homeId: string }) {
    try {
      const [body, today] = await Promise.all([
        ask('house', { params }),
        askAged('today', { params }),
        loadCatalogue(),
      ]);
      return [body, dayOf(body, today)] as const;
    } catch (error) {
      if (error instanceof ApiError && error.status < 500) {
        void dropKnown('house', { params });
        if (wanted === params.homeId) forget();
      }
      throw error;
    }
  }

  /** Takes over what a write answered with. */
  function patch({ rows: changed, standing: stands }: Written): void {
    const byDuty = new Map(changed.map((row) => [row.dutyId, row]));
    standing.value = stands;
    rows.value = rows.value.map((row) => byDuty.get(row.dutyId) ?? row);
    // Without a connection the page opens again as the write left it.
    if (house.value && on.value !== null) {
      const params = { homeId: house.value.home.id };
      void keepKnown('today', { params }, { on: on.value, rows: rows.value });
      void keepKnown('standing', { params }, stands);
    }
  }

  keepInStep(() => house.value?.home.id, patch, load);

  function forget(): void {
    house.value = null;
    rows.value = [];
    on.value = null;
    standing.value = null;
  }

  return { house, rows, on, standing, find, mayWrite, load, forget };
});

/** Whether a write may have changed the house, so that it is read again; what answers with what changed is taken over instead. */
const READ_AGAIN: Record<Exclude<WriteRoute, 'append' | 'finishRun'>, boolean> = {
  add: true,
  addPerson: true,
  saveSpace: true,
  placeAsset: true,
  savePractice: true,
  hidePractice: true,
  setClimate: true,
  setMember: true,
  removeMember: true,
  leaveHome: false,
  invite: false,
  withdrawInvitation: false,
  importEntries: true,
  createHome: false,
  addPhoto: false,
  placePhoto: false,
  dropPhoto: false,
  addDocument: false,
  dropDocument: false,
  saveRun: false,
  dropRun: false,
  saveWalk: false,
  savePlan: false,
  eraseHome: false,
};

/** Keeps the home on screen in step with every write of it, of this page or left from before. */
function keepInStep(
  onScreen: () => string | undefined,
  patch: (written: Written) => void,
  load: (homeId: string) => Promise<void>,
): void {
  useOutbox().hear(async (answered) => {
    const { homeId } = answered;
    if (onScreen() !== homeId) return;
    if (answered.route === 'append' || answered.route === 'finishRun') patch(answered.response);
    // The entry is written, whether or not its house can be read again just now.
    else if (READ_AGAIN[answered.route]) await load(homeId).catch(reportUnlessAway);
  });
}

function reportUnlessAway(error: unknown): void {
  if (!(error instanceof NoConnection)) reportError(error);
}

/**
 * Today's answer with the day it is now: one kept from days ago has the day of then. Where the clock of this device and the server's told
 * different days at that time, it stays that day.
 */
function dayOf({ home }: HouseBody, { answer, keptAt }: Aged<'today'>): TodayBody {
  if (keptAt === null || civilDateIn(home.zone, Date.parse(keptAt)) !== answer.on) return answer;
  return { ...answer, on: civilDateIn(home.zone, Date.now()) };
}

let wanted = '';
