<script setup lang="ts">
import Button from 'primevue/button';
import { computed, defineAsyncComponent, ref, shallowRef } from 'vue';
import type { PlanBody } from '../../../contract/plan.ts';
import type { House } from '../../../core/house/house.ts';
import type { Speech } from '../../../locales/speech.ts';
import { ask } from '../../device/ask.ts';
import { useErrorText } from '../../composables/useErrorText.ts';

/** What to do with some time, and the five tasks that matter most: worked out when somebody asks. */
const props = defineProps<{ house: House; speech: Speech }>();

const KitDrawer = defineAsyncComponent(() => import('../../kit/KitDrawer.vue'));
const FivePanel = defineAsyncComponent(() => import('./FivePanel.vue'));
const SlotPanel = defineAsyncComponent(() => import('./SlotPanel.vue'));

const { tell } = useErrorText();
const t = computed(() => props.speech.t);
const TIMES = [30, 60, 120];
const asked = ref<'five' | 'slot' | null>(null);
const minutes = ref(60);
const plan = shallowRef<PlanBody | null>(null);
const wrong = ref('');
const open = computed({
  get: () => asked.value !== null,
  set: (now) => {
    if (!now) asked.value = null;
  },
});

async function show(what: 'five' | 'slot', time = 60): Promise<void> {
  asked.value = what;
  minutes.value = time;
  plan.value = null;
  wrong.value = '';
  try {
    plan.value = await ask('plan', { params: { homeId: props.house.home.id } });
  } catch (error) {
    wrong.value = tell(error).text;
  }
}
</script>

<template>
  <section class="have-time no-print" :aria-label="t('today.iHave')">
    <h2>{{ t('today.iHave') }}</h2>
    <p class="ways">
      <Button
        v-for="time in TIMES"
        :key="time"
        outlined
        size="small"
        :data-act="`time-${time}`"
        :label="speech.formats.hours(time)"
        @click="show('slot', time)"
      />
    </p>
    <p>
      <Button text data-act="five" :label="t('today.five')" @click="show('five')" />
    </p>
    <KitDrawer
      v-if="asked"
      v-model:open="open"
      :title="t(asked === 'five' ? 'today.five' : 'today.iHave')"
      :close-label="t('shell.close')"
    >
      <p v-if="wrong" class="notice wrong" role="alert">{{ wrong }}</p>
      <p v-else-if="!plan" class="soft" role="status">{{ t('shell.loading') }}</p>
      <FivePanel v-else-if="asked === 'five'" :plan="plan" :house="house" :speech="speech" />
      <SlotPanel v-else v-model:minutes="minutes" :plan="plan" :house="house" :speech="speech" />
    </KitDrawer>
  </section>
</template>
