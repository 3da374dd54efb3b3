<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue';
import type { PlanBody } from '../../../contract/plan.ts';
import type { House } from '../../../core/house/house.ts';
import type { Speech } from '../../../locales/speech.ts';
import { ask } from '../../device/ask.ts';
import { useErrorText } from '../../composables/useErrorText.ts';
import KitDrawer from '../../kit/KitDrawer.vue';
import FivePanel from './FivePanel.vue';
import SlotPanel from './SlotPanel.vue';

/** The best use of some minutes, or the five tasks that matter most. */
const props = defineProps<{ asked: number | 'five'; house: House; speech: Speech }>();
const emit = defineEmits<{ close: [] }>();

const { tell } = useErrorText();
const t = computed(() => props.speech.t);
const minutes = ref(props.asked === 'five' ? 0 : props.asked);
const plan = shallowRef<PlanBody | null>(null);
const wrong = ref('');
const open = computed({
  get: () => true,
  set: (now) => {
    if (!now) emit('close');
  },
});

async function read(): Promise<void> {
  try {
    plan.value = await ask('plan', { params: { homeId: props.house.home.id } });
  } catch (error) {
    wrong.value = tell(error).text;
  }
}
void read();
</script>

<template>
  <KitDrawer
    v-model:open="open"
    :title="t(asked === 'five' ? 'today.five' : 'today.iHave')"
    :close-label="t('shell.close')"
  >
    <p v-if="wrong" class="notice wrong" role="alert">{{ wrong }}</p>
    <p v-else-if="!plan" class="soft" role="status">{{ t('shell.loading') }}</p>
    <FivePanel v-else-if="asked === 'five'" :plan="plan" :house="house" :speech="speech" />
    <SlotPanel v-else v-model:minutes="minutes" :plan="plan" :house="house" :speech="speech" />
  </KitDrawer>
</template>
