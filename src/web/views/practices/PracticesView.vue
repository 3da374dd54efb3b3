<script setup lang="ts">
import InputText from 'primevue/inputtext';
import Button from 'primevue/button';
import { computed, nextTick, ref, useTemplateRef } from 'vue';
import { useRoute } from 'vue-router';
import PageState from '../../kit/PageState.vue';
import type { Practice } from '../../../core/practice/practice.ts';
import { practiceSystemSchema } from '../../../core/practice/lists.ts';
import { words } from '../../../locales/speech.ts';
import { useActs } from '../../composables/useActs.ts';
import { catalogue } from '../../catalogue.ts';
import { useForm } from '../../composables/useForm.ts';
import { useLoading } from '../../composables/useLoading.ts';
import { useSaying } from '../../composables/useSaying.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import { useHome } from '../../stores/home.ts';
import SystemPanels from '../../kit/SystemPanels.vue';
import OwnPracticeForm from './OwnPracticeForm.vue';
import PracticeEntry from '../../parts/practice/PracticeEntry.vue';
import { ownDraftOf } from './ownDraft.ts';

/** All upkeep that is known, system by system; what does not concern this home can be hidden, and one's own added. */
const route = useRoute();
const home = useHome();
const speech = useSpeech();
const { busy, errorAt, submit } = useForm();
const { act } = useActs();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);
const sought = ref(typeof route.query['find'] === 'string' ? route.query['find'] : '');
/** The practice the form is open for: a new one, or one of the home's own. */
const making = ref<'new' | Practice | null>(null);
const say = useSaying();
const form = useTemplateRef('form');
const { state, load } = useLoading(() => home.load(homeId));

const all = computed(() => [...(home.house?.practices ?? []), ...(catalogue.value?.practices ?? [])]);
/** The home's own that the form can hold. */
const own = computed(
  () => new Set(home.house?.practices?.filter((one) => ownDraftOf(one)).map(({ code }) => code)),
);
const hidden = computed(() => new Set(home.house?.hidden ?? []));
const systems = computed(() => {
  const wanted = sought.value.trim().toLowerCase();
  const matches = ({ title, code }: Practice): boolean =>
    wanted === '' || code.includes(wanted) || words(speech.value, title).toLowerCase().includes(wanted);
  return practiceSystemSchema.options
    .map((system) => ({
      system,
      practices: all.value.filter((practice) => practice.system === system && matches(practice)),
    }))
    .filter(({ practices }) => practices.length > 0);
});

async function tell(text: string): Promise<void> {
  say({ text });
}

const hide = (practice: Practice, hide_: boolean) =>
  submit(async () => {
    const title = words(speech.value, practice.title);
    const waits = await act({
      route: 'hidePractice',
      homeId,
      params: { code: practice.code },
      body: { hidden: hide_ },
      label: title,
    });
    await tell(`${t.value(hide_ ? 'practices.nowHidden' : 'practices.nowShown', { title })}${waits}`);
  });

async function saved(title: string, waits: string): Promise<void> {
  const said_ = making.value === 'new' ? 'practices.saved' : 'practices.changed';
  making.value = null;
  await tell(`${t.value(said_, { title })}${waits}`);
}

async function change(practice: Practice): Promise<void> {
  making.value = practice;
  await nextTick();
  form.value?.scrollIntoView();
  form.value?.querySelector('input')?.focus();
}
</script>

<template>
  <div class="sheet">
    <header>
      <h1>{{ t('practices.title') }}</h1>
      <p class="soft">{{ t('practices.lead') }}</p>
    </header>
    <div class="column wide">
      <p v-if="errorAt('')" class="notice wrong" role="alert">{{ errorAt('') }}</p>
      <PageState
        v-if="state.kind !== 'ready'"
        :state="state"
        :loading="t('shell.loading')"
        :again="t('shell.tryAgain')"
        @again="load"
      />
      <template v-else>
        <div class="head no-print">
          <label class="seek"
            >{{ t('practices.seek') }}<InputText v-model="sought" type="search" autocomplete="off"
          /></label>
          <Button v-if="home.mayWrite && making === null" text @click="making = 'new'">
            {{ t('practices.add') }}
          </Button>
        </div>
        <div ref="form">
          <OwnPracticeForm
            v-if="making !== null"
            :key="making === 'new' ? '' : making.code"
            :changing="making === 'new' ? null : making"
            :home-id="homeId"
            :taken="(home.house?.practices ?? []).map(({ code }) => code)"
            :practices="all"
            :speech="speech"
            @close="making = null"
            @saved="saved"
          />
        </div>
        <p v-if="systems.length === 0" class="notice">{{ t('practices.none') }}</p>
        <SystemPanels
          v-slot="{ group }"
          :groups="systems"
          name="how-to"
          :unfolded="sought.trim() !== ''"
          :says="({ practices }) => t('plan.tasks', { n: practices.length }, practices.length)"
          :speech="speech"
        >
          <ul class="ruled">
            <PracticeEntry
              v-for="practice in group.practices"
              :key="practice.code"
              :practice="practice"
              :hidden="hidden.has(practice.code)"
              :speech="speech"
              :start-in="home.mayWrite ? homeId : null"
              :may-write="home.mayWrite"
              :may-change="making === null && own.has(practice.code)"
              :busy="busy"
              @change="change(practice)"
              @hide="hide(practice, $event)"
            />
          </ul>
        </SystemPanels>
      </template>
    </div>
  </div>
</template>

<style scoped>
/* An open entry has its drawing beside its steps. */
@media (min-width: 75rem) {
  .wide {
    --column: 74rem;

    max-width: none;
  }
}

.head {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 0.75rem 1.5rem;
  margin-bottom: var(--line);
}

.seek {
  display: block;
  flex: 0 1 20rem;
}
</style>
