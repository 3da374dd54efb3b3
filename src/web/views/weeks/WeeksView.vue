<script setup lang="ts">
import { RefreshCw } from 'lucide-vue-next';
import Button from 'primevue/button';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useLoading } from '../../composables/useLoading.ts';
import { useSpeech } from '../../composables/useSpeech.ts';
import PageState from '../../kit/PageState.vue';
import PlanList from '../../parts/plan/PlanList.vue';
import PlanNotices from '../../parts/plan/PlanNotices.vue';
import SeasonPart from '../../parts/plan/SeasonPart.vue';
import { usePlacing } from '../../parts/plan/usePlacing.ts';
import { usePlan } from '../../parts/plan/usePlan.ts';
import { useHome } from '../../stores/home.ts';

/** The work of each of the next weeks: its hours, its trips, and what to do indoors if it rains. */
const route = useRoute();
const home = useHome();
const speech = useSpeech();
const t = computed(() => speech.value.t);
const homeId = String(route.params['homeId']);
const plan = usePlan(homeId, {
  label: () => t.value('plan.saved'),
  workerDied: () => t.value('plan.workerDied'),
});
const { shown, progress, isOld, moved, trouble, replaced } = plan;
const { busy, place, letGo } = usePlacing(speech, plan);
const { state, load } = useLoading(plan.read);
const putOne = async (key: string, week: number): Promise<void> => {
  if (shown.value) await place(shown.value, [key], week);
};
</script>

<template>
  <div class="sheet weeks">
    <PageState
      v-if="state.kind !== 'ready' && !shown"
      :state="state"
      :loading="t('shell.loading')"
      :again="t('shell.tryAgain')"
      @again="load"
    />
    <template v-if="shown && home.house">
      <header>
        <h1>{{ t('plan.weeks') }}</h1>
        <Button
          v-if="home.mayWrite"
          outlined
          class="no-print"
          data-act="again"
          :disabled="progress !== null || busy"
          @click="plan.improve"
        >
          <RefreshCw :size="18" aria-hidden="true" /> {{ t('plan.again') }}
        </Button>
      </header>
      <PlanNotices
        :shown="shown"
        :house="home.house"
        :people="home.house.people"
        :progress="progress"
        :is-old="isOld"
        :moved="moved"
        :trouble="trouble"
        :replaced="replaced"
        :speech="speech"
        @stop="plan.stop"
        @read="load"
      />
      <SeasonPart :shown="shown" :house="home.house" :speech="speech" />
      <PlanList
        :shown="shown"
        :house="home.house"
        :speech="speech"
        :may-move="home.mayWrite"
        :busy="busy"
        @place="putOne"
        @let-go="letGo"
      />
      <p class="soft small">{{ t('plan.notDue') }}</p>
    </template>
  </div>
</template>

<style>
.weeks {
  max-width: 52rem;
  padding-top: var(--line);
}

.weeks > header {
  display: flex;
  gap: 1rem;
  align-items: baseline;
  justify-content: space-between;
}
</style>
