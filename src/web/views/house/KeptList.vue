<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Duty } from '../../../core/house/house.ts';
import type { HouseBody, ScheduleRow } from '../../../contract/schemas.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import ReasonList from '../../components/ReasonList.vue';
import { sleepText } from '../../../locales/sleepText.ts';
import { dutyName } from '../ledger/describe.ts';
import ProposalNote from './ProposalNote.vue';
import GiveUpDialog from './GiveUpDialog.vue';

/** The duties of the house, each with its next date; one that is not wanted any more can be given up. */
const props = defineProps<{
  house: HouseBody;
  rows: readonly ScheduleRow[];
  speech: Speech;
  mayWrite: boolean;
}>();

const t = computed(() => props.speech.t);
const givingUp = ref<Duty | null>(null);
const asked = ref<string | null>(null);

const kept = computed(() =>
  props.house.duties.map((duty) => {
    const row = props.rows.find(({ dutyId }) => dutyId === duty.id);
    const due = row?.occurrence?.window.due;
    return {
      duty,
      name: dutyName(props.house, duty.id, props.speech),
      retired: row?.retired ?? false,
      reasons: row?.occurrence?.reasons ?? [],
      sleep: row?.sleep ? sleepText(props.speech, row.sleep) : null,
      due: due === undefined ? t.value('standing.none') : dateText(props.speech, due),
    };
  }),
);
</script>

<template>
  <section :aria-label="t('house.kept')">
    <h2>{{ t('house.kept') }}</h2>
    <p v-if="kept.length === 0" class="soft">{{ t('house.keptNone') }}</p>
    <ul v-else class="ruled">
      <li
        v-for="{ duty, name, retired, due, reasons, sleep } in kept"
        :key="duty.id"
        class="row"
        :data-kept="name"
      >
        <span>{{ name }}</span>
        <span v-if="retired" class="soft small">{{ t('house.keptGivenUp') }}</span>
        <span v-else class="soft small">
          {{ due }}
          <button
            v-if="reasons.length > 0 || sleep"
            type="button"
            class="no-print"
            :aria-expanded="asked === duty.id"
            @click="asked = asked === duty.id ? null : duty.id"
          >
            {{ asked === duty.id ? t('today.hide') : t('today.why') }}<span class="unseen">: {{ name }}</span>
          </button>
          <button v-if="mayWrite" type="button" class="no-print" @click="givingUp = duty">
            {{ t('house.giveUp') }}<span class="unseen"> {{ name }}</span>
          </button>
        </span>
        <div v-if="asked === duty.id" class="asked">
          <ReasonList v-if="reasons.length > 0" :reasons="reasons" :speech="speech" />
          <p v-else>{{ sleep }}</p>
          <ProposalNote :duty-id="duty.id" :speech="speech" />
        </div>
      </li>
    </ul>
    <GiveUpDialog
      v-if="givingUp"
      :duty="givingUp"
      :name="dutyName(house, givingUp.id, speech)"
      @close="givingUp = null"
    />
  </section>
</template>

<style scoped>
.asked {
  flex: 1 0 100%;
}
</style>
