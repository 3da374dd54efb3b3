<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core';
import { computed, ref, toRef } from 'vue';
import type { HouseBody, ScheduleRow, StandingBody } from '../../../contract/schemas.ts';
import type { KnownBody } from '../../../contract/known.ts';
import { alarmCoverage } from '../../../core/house/alarmCoverage.ts';
import { THING_STATES, thingStates, type ThingState } from '../../../core/upkeep/thingState.ts';
import { coveragePlace } from '../../../locales/coverageText.ts';
import type { Speech } from '../../../locales/speech.ts';
import KitDrawer from '../../kit/KitDrawer.vue';
import HouseDrawing from '../../parts/section/HouseDrawing.vue';
import { useSection } from '../../parts/section/useSection.ts';
import type { Layer } from './layers.ts';
import ThingPanel from './ThingPanel.vue';

/** The house as a drawing, with what is due in it; layers for alarms, shutoffs and what is shut off; what was chosen stands beside it. */
const props = defineProps<{
  house: HouseBody;
  known: KnownBody;
  rows: readonly ScheduleRow[];
  seasons: StandingBody['lines'];
  layer: Layer;
  mayWrite: boolean;
  speech: Speech;
}>();

const t = computed(() => props.speech.t);
const isNarrow = useMediaQuery('(max-width: 64rem)');
const chosen = ref<string | null>(null);
const { section, things, assets, shutoffs } = useSection(
  toRef(props, 'house'),
  toRef(props, 'known'),
  toRef(props, 'speech'),
);

const states = computed(() =>
  thingStates({
    assets: props.house.assets,
    duties: props.house.duties,
    rows: props.rows,
    seasons: props.seasons,
    on: props.known.on,
  }),
);
const idsWith = (...wanted: ThingState[]): Set<string> =>
  new Set([...states.value].flatMap(([id, state]) => (wanted.includes(state) ? [id] : [])));
const alarms = computed(() =>
  assets.value.filter(({ kind }) => kind === 'smoke-alarm' || kind === 'co-alarm' || kind === 'gas-detector'),
);
const shown = computed((): ReadonlySet<string> | null => {
  switch (props.layer) {
    case 'due':
      return null;
    case 'alarms':
      return new Set(alarms.value.map(({ id }) => id));
    case 'shutoffs':
      return shutoffs.value;
    case 'shut':
      return idsWith('shut');
  }
  return null;
});
/** Places where an alarm is missing: of a level in its first room. */
const gaps = computed(() => {
  const traits = new Map(Object.entries(props.known.traits));
  return alarmCoverage(props.house.spaces, assets.value, traits)
    .places.filter(({ covered }) => covered.length === 0)
    .map((place) => ({
      space:
        place.space ??
        props.house.spaces.find(({ storey, use }) => storey === place.storey && use !== 'outdoors')?.id ??
        null,
      text: t.value('section.missing', {
        alarm: t.value(`coverage.${place.alarm}`),
        place: coveragePlace(props.speech, place, props.house.spaces),
      }),
    }));
});
const missing = computed(
  () =>
    new Map(
      props.layer === 'alarms'
        ? gaps.value.flatMap(({ space, text }) => (space === null ? [] : [[space, text] as const]))
        : [],
    ),
);
/** A layer in words, under the drawing. */
const says = computed((): string[] => {
  if (props.layer === 'alarms')
    return gaps.value.length > 0 ? gaps.value.map(({ text }) => text) : [t.value('section.noneMissing')];
  if (props.layer === 'shut' && idsWith('shut').size === 0) return [t.value('section.noneShut')];
  return [];
});
const legend = computed(() => THING_STATES.filter((state) => state === 'quiet' || idsWith(state).size > 0));

/** The same in words: each room with its things, and how those stand that something is due on. */
const listed = computed(() =>
  section.value.rooms
    .filter((room) => room.things.length > 0)
    .map(({ names, zone, things: places }) => ({
      name: names.length > 0 ? names.join(', ') : t.value(`section.zone.${zone}`),
      things: places
        .flatMap(({ assets: ids }) => ids)
        .map((id) => {
          const state = states.value.get(id) ?? 'quiet';
          const name = things.value.get(id)?.name ?? '';
          return state === 'quiet' ? name : `${name} (${t.value(`section.state.${state}`)})`;
        })
        .join(', '),
    })),
);

/** The things of the place that was chosen: one, or all that are folded there. */
const picked = computed(() => {
  const place = section.value.rooms
    .flatMap((room) => room.things)
    .find(({ assets: ids }) => ids[0] === chosen.value);
  return (place?.assets ?? []).flatMap((id) => assets.value.find((asset) => asset.id === id) ?? []);
});
const drawerOpen = computed({
  get: () => isNarrow.value && picked.value.length > 0,
  set: (open) => {
    if (!open) chosen.value = null;
  },
});
</script>

<template>
  <div class="drawn" data-test="drawing">
    <p v-if="things.size === 0" class="notice">
      {{ t('section.empty') }}
      <RouterLink :to="{ name: 'walk', params: { homeId: house.home.id } }">{{
        t('nav.page.walk')
      }}</RouterLink>
    </p>
    <div class="two">
      <div>
        <HouseDrawing
          v-model="chosen"
          :section="section"
          :things="things"
          :states="states"
          :shown="shown"
          :missing="missing"
          :speech="speech"
        />
        <ul class="legend small" :aria-label="t('section.legend')">
          <li v-for="state in legend" :key="state" :class="state">
            <svg v-if="state !== 'quiet'" viewBox="0 0 16 16" aria-hidden="true">
              <rect v-if="state === 'late'" x="1" y="1" width="14" height="14" />
              <circle v-else-if="state === 'open'" cx="8" cy="8" r="7" />
              <path v-else d="M8 0.5 15.5 8 8 15.5 0.5 8Z" /></svg
            >{{ t(`section.state.${state}`) }}
          </li>
        </ul>
        <details class="small list no-print">
          <summary>{{ t('section.asList') }}</summary>
          <dl>
            <template v-for="(room, at) in listed" :key="at">
              <dt>{{ room.name }}</dt>
              <dd>{{ room.things }}</dd>
            </template>
          </dl>
        </details>
        <div role="status">
          <ul v-if="says.length > 0" class="says">
            <li v-for="line in says" :key="line">{{ line }}</li>
          </ul>
        </div>
      </div>
      <aside v-if="!isNarrow" class="no-print">
        <ThingPanel
          v-if="picked.length > 0"
          :assets="picked"
          :house="house"
          :rows="rows"
          :states="states"
          :may-write="mayWrite"
          :speech="speech"
        />
        <p v-else class="soft">{{ t('section.choose') }}</p>
      </aside>
    </div>
    <KitDrawer
      v-if="isNarrow"
      v-model:open="drawerOpen"
      side="bottom"
      :title="t('section.chosen')"
      :close-label="t('shell.close')"
    >
      <ThingPanel
        :assets="picked"
        :house="house"
        :rows="rows"
        :states="states"
        :may-write="mayWrite"
        :speech="speech"
      />
    </KitDrawer>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 20rem;
  gap: 0 2.5rem;
}

aside {
  padding-top: calc(var(--line) / 2);
  border-top: 1px solid var(--ink);
}

.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1.5rem;
  margin-top: calc(var(--line) / 2);
}

.legend li {
  display: flex;
  align-items: center;
  gap: 0.375rem;
  color: var(--soft);
}

.legend svg {
  width: 1rem;
  height: 1rem;
}

.legend .late {
  color: var(--rust);
}

.legend .open {
  color: var(--brine);
}

.legend .shut {
  color: var(--slate);
}

.legend svg > * {
  fill: color-mix(in srgb, currentcolor 18%, var(--paper));
  stroke: currentcolor;
}

.list {
  margin-top: calc(var(--line) / 2);
}

dt {
  font-weight: 600;
}

.says {
  margin-top: calc(var(--line) / 2);
}

@media (max-width: 64rem) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}

@media print {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
