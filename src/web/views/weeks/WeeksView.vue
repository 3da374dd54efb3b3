<script setup lang="ts">
import { RefreshCw } from 'lucide-vue-next';
import Button from 'primevue/button';
import PageState from '../../kit/PageState.vue';
import PlanList from '../../parts/plan/PlanList.vue';
import PlanNotices from '../../parts/plan/PlanNotices.vue';
import SeasonPart from '../../parts/plan/SeasonPart.vue';
import { usePlanPage } from '../../parts/plan/usePlanPage.ts';

/** The work of each of the next weeks: its hours, its trips, and what to do indoors if it rains. */
const { home, speech, t, plan, placing, state, load, putOne, noticeProps, listProps, isEmpty } =
  usePlanPage();
const { shown, progress } = plan;
const { busy, letGo } = placing;
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
    <template v-if="shown && home.house && noticeProps && listProps">
      <header>
        <h1>{{ t('plan.weeks') }}</h1>
        <Button
          v-if="home.mayWrite && !isEmpty"
          outlined
          class="no-print"
          data-act="again"
          :disabled="progress !== null || busy"
          @click="plan.improve"
        >
          <RefreshCw :size="18" aria-hidden="true" /> {{ t('plan.again') }}
        </Button>
      </header>
      <PlanNotices v-bind="noticeProps" @stop="plan.stop" @read="load" />
      <template v-if="!isEmpty">
        <SeasonPart :shown="shown" :house="home.house" :speech="speech" />
        <PlanList v-bind="listProps" @place="putOne" @let-go="letGo" />
        <p class="soft small">{{ t('plan.notDue') }}</p>
      </template>
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
