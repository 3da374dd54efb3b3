<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import AppSign from '../../kit/AppSign.vue';
import RuledLine from '../../kit/RuledLine.vue';
import SeasonStates from '../../kit/SeasonStates.vue';
import type { OpenFindingBody, StandingBody } from '../../../contract/schemas.ts';
import { currentUnit } from '../../../core/house/house.ts';
import { practiceTitle } from '../../../locales/practiceText.ts';
import { findingText } from '../../../locales/findingText.ts';
import { capital, dateText } from '../../../locales/speech.ts';
import { ask } from '../../device/ask.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import { usePhotos } from '../../composables/usePhotos.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import type { Sent } from '../../composables/useWriting.ts';
import { useHome } from '../../stores/home.ts';
import BetterTerms from './BetterTerms.vue';
import CloseFinding from './CloseFinding.vue';
import StopNotice from './StopNotice.vue';

/** Beside the due list: things shut for the season, and open problems. */
const emit = defineEmits<{ written: [sent: Sent, text: string] }>();
const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const body = ref<StandingBody | null>(null);
const closing = ref<OpenFindingBody | null>(null);
const wrong = ref('');
const { tell } = useErrorText();
const { address } = usePhotos(home.house?.home.id ?? '');

async function read(): Promise<void> {
  const homeId = home.house?.home.id;
  if (homeId === undefined) return;
  try {
    home.standing = await ask('standing', { params: { homeId } });
    wrong.value = '';
  } catch (error) {
    // The due list stands without it, but what is missing from the page is said.
    wrong.value = tell(error).text;
  }
}
// A write answers with it; it is read where the home was read anew. Until then what was known stays on the page.
watch(
  () => home.standing,
  (now) => {
    if (now) body.value = now;
    else void read();
  },
  { immediate: true },
);

const stops = computed(() => (body.value?.findings ?? []).filter(({ verdict }) => verdict === 'stop'));
const findings = computed(() =>
  (body.value?.findings ?? [])
    .filter(({ verdict }) => verdict !== 'stop')
    .map((finding) => ({
      finding,
      what: capital(findingText(speech.value, finding.what)),
      thing: currentUnit(home.house?.assets ?? [], finding.asset)?.name ?? '',
      found: t.value('findings.found', { on: dateText(speech.value, finding.found) }),
      work: [
        ...workOf(finding.duties),
        ...finding.repairs.map((code) => ({
          title: practiceTitle(speech.value, { from: 'catalogue', code }),
          query: { practice: code, thing: finding.asset, finding: finding.entryId },
        })),
      ],
    })),
);

/** The work that answers a finding, by its name; like work on several things is taken as one. */
function workOf(duties: readonly string[]): { title: string; query: Record<string, string> }[] {
  const byTitle = new Map<string, string[]>();
  for (const id of duties) {
    const title = speech.value.dutyTitle(id);
    byTitle.set(title, [...(byTitle.get(title) ?? []), id]);
  }
  return [...byTitle].map(([title, ids]) => ({ title, query: { duty: ids.join() } }));
}

const covers = computed(() =>
  (body.value?.covers ?? []).map(({ id, asset, title, ends }) => ({
    id,
    asset,
    text: t.value(ends < (body.value?.on ?? ends) ? 'documents.endedOn' : 'documents.endsOn', {
      title,
      name: home.house?.assets.find((one) => one.id === asset)?.name ?? '',
      on: dateText(speech.value, ends),
    }),
  })),
);

function written(sent: Sent, text: string): void {
  closing.value = null;
  emit('written', sent, text);
}
</script>

<template>
  <div>
    <p v-if="wrong" class="notice wrong" role="alert">{{ t('findings.unread', { why: wrong }) }}</p>
    <StopNotice v-if="stops.length > 0" :findings="stops" @close="closing = $event" />
    <BetterTerms
      v-if="home.house && home.mayWrite"
      :key="home.house.home.id"
      @written="(sent, text) => emit('written', sent, text)"
    />
    <SeasonStates
      v-if="home.house && body"
      :lines="body.lines"
      :marks="body.marks"
      :house="home.house"
      :speech="speech"
      :today="body.on"
    />
    <section v-if="covers.length > 0" class="covers" :aria-label="t('documents.soon')">
      <h2>{{ t('documents.soon') }}</h2>
      <ul>
        <li v-for="cover in covers" :key="cover.id">
          <RouterLink
            :to="{ name: 'thing', params: { homeId: home.house?.home.id ?? '', assetId: cover.asset } }"
            >{{ cover.text }}</RouterLink
          >
        </li>
      </ul>
    </section>
    <section v-if="findings.length > 0" aria-labelledby="section-findings">
      <h2 id="section-findings">{{ t('findings.title') }}</h2>
      <ul class="ruled">
        <RuledLine
          v-for="{ finding, what, thing, found, work } in findings"
          :key="finding.entryId"
          class="entry"
          :date="finding.due"
          :speech="speech"
          :grave="finding.verdict !== 'watch'"
          :data-finding="finding.what"
        >
          <h3 :class="finding.verdict">
            <AppSign :name="finding.verdict" />{{ ' ' }}{{ t(`findings.due.${finding.verdict}`) }}: {{ what }}
          </h3>
          <p class="soft small">
            {{ [thing, finding.place, found].filter(Boolean).join(', ') }}
          </p>
          <p v-if="work.length > 0" class="small">
            {{ t('findings.by') }}
            <template v-for="(one, place) in work" :key="one.title"
              >{{ place > 0 ? ', ' : ' '
              }}<RouterLink
                v-if="home.mayWrite"
                data-act="repair"
                :to="{
                  name: 'runs',
                  params: { homeId: home.house?.home.id ?? '' },
                  query: one.query,
                }"
                >{{ one.title }}</RouterLink
              ><template v-else>{{ one.title }}</template></template
            >
          </p>
          <p v-if="finding.note" class="small">{{ finding.note }}</p>
          <p v-if="finding.photo" class="small no-print">
            <a :href="address(finding.photo)" target="_blank" rel="noopener"
              >{{ t('findings.photoShow') }}<span class="unseen">: {{ what }}</span></a
            >
          </p>
          <template #acts>
            <button v-if="home.mayWrite" type="button" data-act="close" @click="closing = finding">
              {{ t('findings.close') }}<span class="unseen"> {{ what }}</span>
            </button>
          </template>
        </RuledLine>
      </ul>
    </section>
    <CloseFinding v-if="closing" :finding="closing" @close="closing = null" @written="written" />
  </div>
</template>

<style scoped>
section {
  margin-top: calc(var(--line) * 1.5);
}

h2 {
  margin-left: var(--text-column);
  color: var(--rust);
}

.covers ul,
.notice {
  margin-left: var(--text-column);
}

h3 {
  margin: 0;
  font-size: 1.0625rem;
  font-weight: 600;
}

h3.act,
h3.stop {
  color: var(--rust);
}

.entry {
  --acts: 8rem;
}

@media (max-width: 44rem) {
  h2,
  .covers ul,
  .notice {
    margin-left: 0;
  }
}
</style>
