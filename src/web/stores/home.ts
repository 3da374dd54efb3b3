import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import type { HouseBody, ScheduleRow, StandingBody, TodayBody } from '../../contract/schemas.ts';
import type { Written } from '../../contract/written.ts';
import { allows } from '../../contract/access.ts';
import type { CivilDate } from '../../core/calendar/civilDate.ts';
import type { FindPractice } from '../../core/house/timingOf.ts';
import { ApiError, call } from '../device/client.ts';
import { catalogue, loadCatalogue } from '../catalogue.ts';

/** The home on screen: the house, what is due in it, and the home's own today. */
export const useHome = defineStore('home', () => {
  const house = ref<HouseBody | null>(null);
  const rows = ref<ScheduleRow[]>([]);
  const on = ref<CivilDate | null>(null);
  /** What Today shows besides what is due; null until it is read, or where it may be another since. */
  const standing = ref<StandingBody | null>(null);
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

  /** Shows a home as this device has kept it, while nobody can be asked. */
  async function show(kept: HouseBody, today: TodayBody): Promise<void> {
    await loadCatalogue();
    wanted = kept.home.id;
    house.value = kept;
    standing.value = null;
    rows.value = today.rows;
    on.value = today.on;
  }

  /** Without a connection what was read before stays on screen; what one may no longer see does not. */
  async function read(params: { homeId: string }) {
    try {
      const [body, today] = await Promise.all([
        call('house', { params }),
        call('today', { params }),
        loadCatalogue(),
      ]);
      return [body, today] as const;
    } catch (error) {
      if (error instanceof ApiError && error.status < 500 && wanted === params.homeId) forget();
      throw error;
    }
  }

  /** Takes over what a write answered with. */
  function patch({ rows: changed, standing: stands }: Written): void {
    const byDuty = new Map(changed.map((row) => [row.dutyId, row]));
    standing.value = stands;
    rows.value = rows.value.map((row) => byDuty.get(row.dutyId) ?? row);
  }

  function forget(): void {
    house.value = null;
    rows.value = [];
    on.value = null;
    standing.value = null;
  }

  return { house, rows, on, standing, find, mayWrite, load, show, patch, forget };
});

let wanted = '';
