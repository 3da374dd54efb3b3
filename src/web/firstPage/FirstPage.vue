<script setup lang="ts">
import type { FirstAnswers } from '../../contract/firstPage.ts';
import AppHead from '../shell/AppHead.vue';
import PhoneBar from '../shell/PhoneBar.vue';
import { useHome } from '../stores/home.ts';
import { useTodaySheet } from '../views/today/useTodaySheet.ts';
import BesideWeek from '../views/today/BesideWeek.vue';
import StopNotice from '../views/today/StopNotice.vue';
import WeekSheet from '../views/today/WeekSheet.vue';

/** Today as the server draws it: what is seen first. The page that can do something takes its place when it is there. */
const props = defineProps<{ answers: FirstAnswers }>();
const { house } = props.answers;
const homeId = house.home.id;
const home = useHome();
const { data, week, speech, stops, lead, lineProps } = useTodaySheet(homeId);
data.take(props.answers);
week.choose();
</script>

<template>
  <AppHead :home-id="homeId" :may-write="home.mayWrite" />
  <div class="strips" />
  <main>
    <div v-if="week.week.value" class="sheet today">
      <!-- Shown by `before.js` where the scripts of the page cannot be had. -->
      <p class="notice wrong" role="alert" hidden data-test="unfetched">
        {{ speech.t('shell.onlyRead') }} <a :href="$route.fullPath">{{ speech.t('shell.tryAgain') }}</a>
      </p>
      <WeekSheet
        :week="week.week.value"
        :lead="lead"
        :climate="data.climate.value"
        :missing="data.missing.value"
        :busy="false"
        :line="lineProps"
        :acts="{}"
        :drawn="Infinity"
      >
        <template v-if="stops.length > 0" #stops>
          <StopNotice :findings="stops" :known="data.known.value" />
        </template>
        <template #beside>
          <BesideWeek :standing="answers.standing" :house="house" :climate="answers.climate" :busy="false" />
        </template>
      </WeekSheet>
    </div>
  </main>
  <PhoneBar :home-id="homeId" :may-write="home.mayWrite" />
</template>
