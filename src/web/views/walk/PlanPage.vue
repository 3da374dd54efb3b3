<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { v7 as uuid } from 'uuid';
import FormFoot from '../../kit/FormFoot.vue';
import type { Addition } from '../../../contract/schemas.ts';
import type { CivilDate } from '../../../core/calendar/civilDate.ts';
import { planFor } from '../../../core/catalogue/planFor.ts';
import { NO_WEATHER } from '../../../core/climate/weather.ts';
import { alarmCoverage } from '../../../core/house/alarmCoverage.ts';
import { factsToEstablish } from '../../../core/house/factsToEstablish.ts';
import type { Asset, Home } from '../../../core/house/house.ts';
import type { FindPractice } from '../../../core/house/timingOf.ts';
import { adoptionOf } from '../../../core/walkthrough/adoption.ts';
import { reviewPlan, type PracticeReview } from '../../../core/walkthrough/planReview.ts';
import { rememberedWork } from '../../../core/walkthrough/lastDone.ts';
import type { Answers } from '../../../core/walkthrough/question.ts';
import { walkedHouse } from '../../../core/walkthrough/walkedHouse.ts';
import { coveragePlace } from '../../../locales/coverageText.ts';
import { factName } from '../../../locales/factName.ts';
import { ruleText } from '../../../locales/practiceText.ts';
import { dateText, words, type Speech } from '../../../locales/speech.ts';
import { namingIn } from '../../../locales/walkNames.ts';
import { catalogue } from '../../catalogue.ts';
import { useForm } from '../../composables/useForm.ts';
import { usePlan } from '../../parts/plan/usePlan.ts';
import { useOutbox } from '../../stores/outbox.ts';
import PlanMonths from './PlanMonths.vue';
import PlanWeeks from './PlanWeeks.vue';
import StopPhotos from './StopPhotos.vue';
import { toAddition } from './toAddition.ts';

/** The end of the walk: the plan by system, what it asks of a year, what is missing and left out, and the first six weeks. */
const props = defineProps<{
  answers: Answers;
  home: Home;
  on: CivilDate;
  find: FindPractice;
  speech: Speech;
}>();
const emit = defineEmits<{ change: [] }>();

const route = useRoute();
const router = useRouter();
const outbox = useOutbox();
const year = usePlan(props.home.id, {
  label: () => props.speech.t('plan.saved'),
  workerDied: () => props.speech.t('plan.workerDied'),
});
const { busy, errorAt, refuse, submit } = useForm();
const t = computed(() => props.speech.t);
const practices = computed(() => catalogue.value?.practices ?? []);
const walked = computed(() => walkedHouse(props.answers, namingIn(props.speech)));
/** Made once: pressed twice, or sent again after a lost connection, it is the same plan. */
const request = ref<Addition | null>(null);
/** The practices the household leaves out, and those only offered that it wants. */
const without = ref<ReadonlySet<string>>(new Set());
const wanted = ref<ReadonlySet<string>>(new Set());
const plan = computed(() =>
  planFor({ ...props.home, assets: walked.value.assets, traits: walked.value.traits }, practices.value, {
    without: without.value,
    wanted: wanted.value,
  }),
);
const remembered = computed(() => rememberedWork(props.answers, props.home.hemisphere, props.on));
const adoption = computed(() => adoptionOf(walked.value, plan.value, uuid, remembered.value));
const review = computed(() =>
  reviewPlan(
    props.home,
    adoption.value,
    props.on,
    { find: props.find, weather: NO_WEATHER },
    t.value('walk.plan.spread'),
  ),
);
const missing = computed(() =>
  alarmCoverage(walked.value.spaces, walked.value.assets, walked.value.traits)
    .places.filter(({ covered }) => covered.length === 0)
    .map((place) => ({
      place: coveragePlace(props.speech, place, walked.value.spaces),
      alarm: t.value(`coverage.${place.alarm}`),
      rule: t.value(`coverage.rules.${place.rule}`),
    })),
);
/** The facts not known of a thing, together: one photo of its label answers it. */
const toFind = computed(() => {
  const byThing = new Map<string, { name: string; facts: string[] }>();
  const turning = [
    ...plan.value.duties.map(({ practice }) => practice),
    ...plan.value.leftOut.flatMap(({ practice, because }) => (because === 'not-known' ? [practice] : [])),
  ];
  for (const { asset, spec } of factsToEstablish(walked.value.assets, turning)) {
    const known = byThing.get(asset.id) ?? { name: thingName(asset), facts: [] };
    known.facts.push(factName(props.speech, spec.code));
    byThing.set(asset.id, known);
  }
  return [...byThing.values()].map(({ name, facts }) =>
    t.value('upkeep.openFact', { thing: name, fact: props.speech.formats.list(facts) }),
  );
});
const leftOut = computed(() => {
  const seen = new Set<string>();
  return plan.value.leftOut
    .filter(
      ({ practice, because }) =>
        practice.kind === 'duty' && !['not-here', 'offered', 'unwanted'].includes(because),
    )
    .filter(({ practice }) => !seen.has(practice.code) && seen.add(practice.code))
    .map(({ practice, because, by }) => ({
      title: words(props.speech, practice.title),
      why: t.value(`walk.plan.because.${because}`, { by: by === null ? '' : titleOf(by) }),
    }));
});
const notHere = computed(() =>
  practices.value.filter(
    ({ code, kind }) =>
      kind === 'duty' &&
      !plan.value.duties.some(({ practice }) => practice.code === code) &&
      !plan.value.leftOut.some((one) => one.practice.code === code && one.because !== 'not-here'),
  ),
);
/** The practices left out for one reason, once each, with what that means. */
const outBecause = (reason: 'offered' | 'unwanted') =>
  [
    ...new Set(plan.value.leftOut.flatMap(({ practice, because }) => (because === reason ? [practice] : []))),
  ].map(({ code, title, why, planning }) => ({
    code,
    title: words(props.speech, title),
    meaning: t.value('walk.plan.meaning', {
      consequence: t.value(`walk.consequence.${planning?.consequence ?? 'money'}`),
      why: words(props.speech, why),
    }),
    why: words(props.speech, why),
  }));
const unwanted = computed(() => outBecause('unwanted'));
const offered = computed(() => outBecause('offered'));

const withCode = (codes: ReadonlySet<string>, code: string): ReadonlySet<string> => new Set([...codes, code]);
const leave = (code: string): void => {
  // A task that is only offered goes back to being offered.
  if (wanted.value.has(code)) wanted.value = new Set([...wanted.value].filter((one) => one !== code));
  else without.value = withCode(without.value, code);
};
const putBack = (code: string): void => {
  without.value = new Set([...without.value].filter((one) => one !== code));
};
const take = (code: string): void => {
  wanted.value = withCode(wanted.value, code);
};
/** A plan that has been changed is another request. */
watch([without, wanted], () => {
  request.value = null;
});

/** A thing that hangs in a room is called by the room: here its kind is said too. */
const thingName = ({ kind, name, space }: Asset): string => {
  const room = walked.value.spaces.find(({ id }) => id === space);
  return room?.name === name ? `${t.value(`assetKind.${kind}`)}, ${name}` : name;
};
const titleOf = (code: string): string => {
  const practice = props.find(code);
  return practice ? words(props.speech, practice.title) : code;
};
const nameOf = (id: string): string => adoption.value.assets.find((asset) => asset.id === id)?.name ?? '';
const tenths = (value: number): string => props.speech.formats.number(Math.round(value * 10) / 10);
const whole = (value: number): string => props.speech.formats.number(Math.round(value));

function lineOf({ practice, school, because, assets, doer, timesAYear, first }: PracticeReview) {
  const known = props.find(practice);
  const chosen = known?.kind === 'duty' ? known.schools.find(({ code }) => code === school) : undefined;
  const often =
    timesAYear >= 1
      ? t.value('walk.plan.times', { n: tenths(timesAYear) }, timesAYear < 1.05 ? 1 : 2)
      : t.value(timesAYear > 0 ? 'walk.plan.rarely' : 'walk.plan.event');
  const rule = chosen ? ruleText(props.speech, chosen.rule) : '';
  return {
    practice,
    title: titleOf(practice),
    things: props.speech.formats.list(assets.map(nameOf)),
    how: `${rule} (${t.value(because === 'fits' ? 'walk.plan.fits' : 'walk.plan.usual')}), ${t.value(`doer.${doer}`)}`,
    often,
    first: first === null ? '' : t.value('walk.plan.first', { date: dateText(props.speech, first) }),
  };
}

const adopt = () =>
  submit(async () => {
    request.value ??= toAddition(adoption.value, review.value, props.on);
    const outcome = await outbox.send({
      route: 'add',
      homeId: props.home.id,
      body: request.value,
      label: t.value('walk.plan.title'),
    });
    if (outcome.kind === 'refused') {
      request.value = null;
      return refuse(outcome.error);
    }
    // The year is planned meanwhile, beside the page; where that fails it is planned when Plan is opened.
    void year.read().catch(() => undefined);
    await router.push({ name: 'today', params: route.params });
  });
</script>

<template>
  <div class="column plan">
    <h2 tabindex="-1">{{ t('walk.plan.title') }}</h2>
    <p class="soft">{{ t('walk.plan.lead') }}</p>
    <p class="figures">
      {{
        t('walk.plan.figures', {
          duties: adoption.duties.length,
          hours: whole(review.minutesAYear / 60),
          visits: t('walk.plan.visits', { n: whole(review.visitsAYear) }, Math.round(review.visitsAYear)),
        })
      }}
    </p>
    <form class="form" novalidate @submit.prevent="adopt">
      <FormFoot :error="errorAt('')" :send="t('walk.plan.adopt')" :busy="busy">
        <Button outlined :label="t('walk.plan.change')" @click="emit('change')" />
      </FormFoot>
    </form>
    <section :aria-label="t('walk.plan.weeks')">
      <h3>{{ t('walk.plan.weeks') }}</h3>
      <p class="soft small">{{ t('walk.plan.weeksLead') }}</p>
      <PlanWeeks
        :review="review"
        :speech="speech"
        :find="find"
        :title-of="titleOf"
        :name-of="nameOf"
        @leave="leave"
      />
    </section>
    <section v-if="unwanted.length > 0" :aria-label="t('walk.plan.without')" role="status">
      <h3>{{ t('walk.plan.without') }}</h3>
      <ul class="ruled">
        <li v-for="one in unwanted" :key="one.code" class="choice">
          <span
            >{{ one.title }} <span class="soft small">{{ one.meaning }}</span></span
          >
          <Button outlined size="small" :label="t('walk.plan.putBack')" @click="putBack(one.code)" />
        </li>
      </ul>
    </section>
    <section v-if="offered.length > 0" :aria-label="t('walk.plan.offered')">
      <h3>{{ t('walk.plan.offered') }}</h3>
      <p class="soft small">{{ t('walk.plan.offeredLead') }}</p>
      <ul class="ruled">
        <li v-for="one in offered" :key="one.code" class="choice">
          <span
            >{{ one.title }} <span class="soft small">{{ one.why }}</span></span
          >
          <Button outlined size="small" :label="t('walk.plan.take')" @click="take(one.code)" />
        </li>
      </ul>
    </section>
    <section :aria-label="t('walk.plan.months')">
      <h3>{{ t('walk.plan.months') }}</h3>
      <p class="soft small">{{ t('walk.plan.monthsLead') }}</p>
      <PlanMonths :months="review.months" :speech="speech" />
    </section>
    <section :aria-label="t('walk.plan.missing')">
      <h3>{{ t('walk.plan.missing') }}</h3>
      <p class="soft small">{{ t('coverage.codeFirst') }}</p>
      <p v-if="missing.length === 0">{{ t('coverage.complete') }}</p>
      <ul v-else class="ruled">
        <li v-for="one in missing" :key="`${one.alarm} ${one.place}`" class="gap">
          <strong>{{ one.place }}</strong>: {{ one.alarm }} <span class="soft small">{{ one.rule }}</span>
        </li>
      </ul>
    </section>
    <section :aria-label="t('walk.plan.toFind')">
      <h3>{{ t('walk.plan.toFind') }}</h3>
      <p v-if="toFind.length === 0">{{ t('walk.plan.toFindNone') }}</p>
      <template v-else>
        <p class="soft small">{{ t('walk.plan.findLead') }}</p>
        <ol class="many small">
          <li v-for="(one, index) in toFind" :key="one">
            {{ t('walk.plan.findWeek', { n: index + 1, what: one }) }}
          </li>
        </ol>
        <!-- The first of them can be photographed at once, under its own name. -->
        <StopPhotos :home-id="home.id" :caption="(toFind[0] ?? '').slice(0, 200)" />
      </template>
    </section>
    <details class="all">
      <summary>{{ t('walk.plan.tasks') }}</summary>
      <section
        v-for="{ system, practices: own, minutesAYear } in review.systems"
        :key="system"
        :aria-label="t(`system.${system}`)"
      >
        <h4>
          {{ t(`system.${system}`) }}
          <span class="soft small">{{ t('walk.plan.system', { minutes: whole(minutesAYear) }) }}</span>
        </h4>
        <ul class="ruled">
          <li v-for="line in own.map(lineOf)" :key="line.title" class="duty">
            <span
              >{{ line.title }} <span class="soft small">{{ line.things }}</span></span
            >
            <span class="small">{{ line.how }}</span>
            <span class="small times"
              >{{ line.often }}<template v-if="line.first">; {{ line.first }}</template></span
            >
          </li>
        </ul>
      </section>
    </details>
    <details data-test="left-out">
      <summary>{{ t('walk.plan.leftOut') }}</summary>
      <ul class="small">
        <li v-for="one in leftOut" :key="one.title">
          {{ one.title }}: <span class="soft">{{ one.why }}</span>
        </li>
        <li v-for="practice in notHere" :key="practice.code">
          {{ words(speech, practice.title) }}:
          <span class="soft">{{ t('walk.plan.because.not-here') }}</span>
        </li>
      </ul>
    </details>
  </div>
</template>

<style scoped>
.plan {
  max-width: 54rem;
}

h2:focus {
  outline: none;
}

section,
details {
  margin-top: calc(var(--line) * 1.5);
}

h3 {
  font-size: 1.0625rem;
  font-weight: 600;
}

h4 {
  font-weight: 600;
}

.all {
  margin-top: calc(var(--line) * 1.5);
}

.choice :deep(.k-button) {
  flex: none;
}

.choice {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
  align-items: center;
  padding: 0.25rem 0;
}

.figures {
  margin: calc(var(--line) / 2) 0;
  font-size: 1.25rem;
}

.gap {
  padding: 0.25rem 0;
}

.gap strong {
  color: var(--rust);
  font-weight: 600;
}

.duty {
  display: grid;
  grid-template-columns: 5fr 4fr 3fr auto;
  gap: 0 1rem;
  padding: 0.25rem 0;
}

.times {
  text-align: right;
}

.first {
  display: block;
}

.many {
  columns: 18rem 2;
}

@media (max-width: 44rem) {
  .duty {
    grid-template-columns: 1fr;
    padding: 0.5rem 0;
  }

  .times {
    text-align: left;
  }
}
</style>
