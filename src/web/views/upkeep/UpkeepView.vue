<script setup lang="ts">
import InputText from 'primevue/inputtext';
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import PageState from '../../kit/PageState.vue';
import type { UpkeepBody } from '../../../contract/schemas.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { practiceSystemSchema } from '../../../core/practice/lists.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { ask } from '../../device/ask.ts';
import { useChanges } from '../../composables/useChanges.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useHome } from '../../stores/home.ts';
import SystemPanels from '../../kit/SystemPanels.vue';
import KeptRow from '../../parts/schedule/KeptRow.vue';
import SystemExtras from './SystemExtras.vue';
import { systemsOf, type KeptLine, type KeptSystem } from '../../parts/schedule/keptLines.ts';

/** How each thing is kept, system by system: the terms and the next dates, the schools side by side, what evidence proposes. */
const route = useRoute();
const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);
const upkeep = ref<UpkeepBody | null>(null);
const sought = ref(typeof route.query['find'] === 'string' ? route.query['find'] : '');
const showGiven = ref(false);
/** The rows that show all there is: by their names, so that they stay open over a change. From Today one comes to change one task. */
const changing = route.query['change'] === '1';
const opened = ref(new Set(changing ? [sought.value] : []));
const titleOf = ({ practice }: KeptLine): string => practiceTitle(speech.value, practice);
function turn(title: string, open: boolean): void {
  if (open) opened.value.add(title);
  else opened.value.delete(title);
}
const lastOf = ({ units }: KeptLine): CivilDate | undefined =>
  units
    .flatMap(({ duty }) => upkeep.value?.known.lastDone[duty.id] ?? [])
    .sort()
    .at(-1);

async function read(): Promise<void> {
  const [, body] = await Promise.all([home.load(homeId), ask('upkeep', { params: { homeId } })]);
  upkeep.value = body;
}
const { state, load } = useLoading(read);
const { changes, changed, written } = useChanges(t, load);

const systems = computed(() => {
  if (!home.house || !upkeep.value) return [];
  const wanted = sought.value.trim().toLowerCase();
  const shows = (line: KeptLine): boolean => {
    if (line.standing === 'given-up' && !showGiven.value) return false;
    const text = [practiceTitle(speech.value, line.practice), ...line.units.map(({ asset }) => asset.name)];
    return wanted === '' || text.some((one) => one.toLowerCase().includes(wanted));
  };
  return systemsOf(home.house, upkeep.value, home.find, practiceSystemSchema.options)
    .map((one) => ({
      ...one,
      lines: one.lines.filter(shows),
      suggested: wanted === '' ? one.suggested : [],
      besides: wanted === '' ? one.besides : [],
    }))
    .filter(({ lines, suggested, besides }) => lines.length + suggested.length + besides.length > 0);
});
const hasGiven = computed(() => upkeep.value?.kept.some(({ retiredOn }) => retiredOn !== null) ?? false);

/** How many tasks a system has, how many of them are overdue, else when the next is due. */
function saysOf({ lines }: KeptSystem): string {
  const { formats, today } = speech.value;
  const due = lines.flatMap(({ units }) => units.flatMap(({ kept }) => kept?.next[0]?.window.due ?? []));
  const tasks = t.value('plan.tasks', { n: lines.length }, lines.length);
  const late = due.filter((day) => day < today).length;
  if (late > 0) return t.value('upkeep.someLate', { tasks, n: late });
  const [first] = due.sort();
  return first === undefined ? tasks : t.value('upkeep.nextDue', { tasks, day: formats.date(first, today) });
}
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('upkeep.title') }}</h1>
      <p v-if="home.house" class="soft">{{ t('upkeep.lead', { home: home.house.home.name }) }}</p>
    </header>
    <PageState
      v-if="state.kind === 'failed' || (state.kind === 'loading' && !upkeep)"
      :state="state"
      :loading="t('shell.loading')"
      :again="t('shell.tryAgain')"
      @again="load"
    />
    <template v-if="upkeep && home.house">
      <p v-if="upkeep.kept.length === 0 && upkeep.suggested.length === 0" class="notice lone">
        {{ t('upkeep.empty') }}
        <template v-if="home.mayWrite">
          <RouterLink :to="{ name: 'walk', params: route.params }">{{ t('nav.page.walk') }}</RouterLink>,
          <RouterLink :to="{ name: 'add', params: route.params }">{{ t('add.title') }}</RouterLink>
        </template>
      </p>
      <div v-else class="head no-print">
        <label>{{ t('upkeep.seek') }}<InputText v-model="sought" type="search" autocomplete="off" /></label>
        <Button v-if="hasGiven" text @click="showGiven = !showGiven">
          {{ t(showGiven ? 'upkeep.hideGiven' : 'upkeep.showGiven') }}
        </Button>
      </div>
      <p v-if="upkeep.kept.length > 0 && systems.length === 0" class="notice lone">{{ t('upkeep.none') }}</p>
      <SystemPanels
        v-slot="{ group: one }"
        :groups="systems"
        name="schedule"
        :unfolded="sought.trim() !== ''"
        :says="saysOf"
        :speech="speech"
      >
        <ul class="ruled">
          <KeptRow
            v-for="line in one.lines"
            :key="`${line.key} ${changes}`"
            :line="line"
            :home-id="homeId"
            :speech="speech"
            :may-write="home.mayWrite"
            :last="lastOf(line)"
            :changing="changing"
            :opened="opened.has(titleOf(line))"
            @update:opened="turn(titleOf(line), $event)"
            @written="written"
          />
        </ul>
        <SystemExtras
          :system="one"
          :house="home.house"
          :known="upkeep.known"
          :on="upkeep.on"
          :speech="speech"
          :may-write="home.mayWrite"
          @taken-up="changed"
        />
      </SystemPanels>
    </template>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 0.75rem 1.5rem;
  margin-bottom: var(--line);
}

.head label {
  flex: 0 1 20rem;
}
</style>
