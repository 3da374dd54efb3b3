<script setup lang="ts">
import { computed, ref } from 'vue';
import type { Proposal } from '../../../core/schedule/learning.ts';
import { dateText, type Speech } from '../../../locales/speech.ts';
import { useEffects } from '../../composables/useEffects.ts';

/** What graded looks say of a duty's interval, with the looks it rests on. Shown only; nothing is changed by it. */
const props = defineProps<{ dutyId: string; speech: Speech }>();
const t = computed(() => props.speech.t);
const { study, proposalFor } = useEffects();
const proposal = ref<Proposal | null>(null);

void study([{ id: props.dutyId }]).then(() => {
  proposal.value = proposalFor(props.dutyId);
});
</script>

<template>
  <div v-if="proposal" class="proposal small">
    <p>
      {{
        t('house.proposal', {
          days: proposal.days,
          low: proposal.low,
          high: proposal.high,
          present: proposal.present,
        })
      }}
    </p>
    <ul>
      <li v-for="look in proposal.looks" :key="look.on">
        {{
          t(look.boundOnly ? 'house.lookBound' : 'house.look', {
            on: dateText(speech, look.on),
            grade: look.grade,
            days: look.days,
          })
        }}
      </li>
    </ul>
  </div>
</template>
