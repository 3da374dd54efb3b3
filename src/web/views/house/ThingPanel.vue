<script setup lang="ts">
import { computed } from 'vue';
import type { HouseBody, ScheduleRow } from '../../../contract/schemas.ts';
import { currentUnit, type Asset } from '../../../core/house/house.ts';
import { THING_STATES, type ThingState } from '../../../core/upkeep/thingState.ts';
import { standingOn } from '../../../core/schedule/window.ts';
import { keyFactsText } from '../../../locales/keyFactsText.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { thingName } from '../../../locales/thingName.ts';

/** All that the drawing says of the thing that was chosen: where it is, its facts, what comes next, and the way to its page. */
const props = defineProps<{
  /** More than one where they are drawn as one. */
  assets: readonly Asset[];
  house: HouseBody;
  rows: readonly ScheduleRow[];
  states: ReadonlyMap<string, ThingState>;
  mayWrite: boolean;
  speech: Speech;
}>();

const MOST = 3;
const t = computed(() => props.speech.t);
const roomOf = (asset: Asset): string => props.house.spaces.find(({ id }) => id === asset.space)?.name ?? '';
/** The tasks due on a thing, the most urgent first. */
function tasksOf(asset: Asset) {
  const { house, rows, speech } = props;
  const own = new Map(
    house.duties
      .filter((duty) => currentUnit(house.assets, duty.asset)?.id === asset.id)
      .map((duty) => [duty.id, duty]),
  );
  return rows
    .flatMap(({ dutyId, occurrence }) => {
      const duty = own.get(dutyId);
      return duty && occurrence ? [{ duty, window: occurrence.window }] : [];
    })
    .sort((one, other) => (one.window.due < other.window.due ? -1 : 1))
    .slice(0, MOST)
    .map(({ duty, window }) => {
      const standing = standingOn(window, speech.today);
      return {
        id: duty.id,
        title: practiceTitle(speech, duty.practice),
        due: dateText(speech, window.due),
        late: standing === 'late' || standing === 'lapsed',
      };
    });
}
const shown = computed(() =>
  [...props.assets]
    .sort(
      (one, other) =>
        THING_STATES.indexOf(props.states.get(one.id) ?? 'quiet') -
        THING_STATES.indexOf(props.states.get(other.id) ?? 'quiet'),
    )
    .map((asset) => ({
      asset,
      name: thingName(props.speech, asset, props.house.spaces),
      room: roomOf(asset),
      facts: keyFactsText(props.speech, asset),
      tasks: tasksOf(asset),
    })),
);
</script>

<template>
  <div class="panel" data-test="thing-panel">
    <article v-for="{ asset, name, room, facts, tasks } in shown" :key="asset.id">
      <h2>{{ name }}</h2>
      <p v-if="room" class="soft">{{ room }}</p>
      <dl v-if="facts.length > 0 && assets.length === 1">
        <div v-for="fact in facts" :key="fact.code">
          <dt class="soft small">{{ fact.name }}</dt>
          <dd>{{ fact.text }}</dd>
        </div>
      </dl>
      <ul v-if="tasks.length > 0" class="ruled">
        <li v-for="task in tasks" :key="task.id">
          <span>{{ task.title }}</span> <span :class="task.late ? 'past' : 'soft'">{{ task.due }}</span>
        </li>
      </ul>
      <p v-else class="soft">{{ t('section.nothing') }}</p>
      <p class="ways">
        <RouterLink
          class="k-button k-outlined"
          :to="{ name: 'thing', params: { homeId: house.home.id, assetId: asset.id } }"
          >{{ t('section.open') }}<span class="unseen">: {{ name }}</span></RouterLink
        >
        <RouterLink
          v-if="mayWrite"
          class="k-button"
          data-act="leave"
          :to="{
            name: 'thing',
            params: { homeId: house.home.id, assetId: asset.id },
            query: { leave: 'remove' },
          }"
          >{{ t('thing.remove') }}<span class="unseen">: {{ name }}</span></RouterLink
        >
      </p>
    </article>
  </div>
</template>

<style scoped>
.panel {
  display: grid;
  gap: var(--line);
  max-height: 44rem;
  overflow-y: auto;
}

article {
  display: grid;
  gap: calc(var(--line) / 2);
  justify-items: start;
}

h2 {
  margin: 0;
}

dl,
ul {
  width: 100%;
}

dl div {
  padding: 0.25rem 0;
}

dd {
  font-family: var(--serif);
  font-size: 1.25rem;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
}

li {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
  padding: 0.375rem 0;
}

li span:last-child {
  white-space: nowrap;
}
</style>
