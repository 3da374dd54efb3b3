<script setup lang="ts">
import { computed } from 'vue';
import KitTable, { type TableColumn } from '../../kit/KitTable.vue';
import type { Practice } from '../../../core/practice/practice.ts';
import { ruleText } from '../../../locales/practiceText.ts';
import { capital, words, type Speech } from '../../../locales/speech.ts';

/** The approaches to a task side by side: how often each does it, who recommends it and when it is right; the usual one says why. */
const props = defineProps<{ practice: Extract<Practice, { kind: 'duty' }>; speech: Speech }>();
const t = computed(() => props.speech.t);
const rows = computed(() =>
  props.practice.schools.map((school) => ({
    code: school.code,
    name: words(props.speech, school.name),
    rule: capital(ruleText(props.speech, school.rule)),
    argues: words(props.speech, school.argues),
    right: words(props.speech, school.rightWhen),
    isUsual: school.code === props.practice.defaultSchool,
  })),
);
const columns = computed((): TableColumn[] => [
  { field: 'name', head: t.value('upkeep.school') },
  { field: 'rule', head: t.value('practices.often') },
  { field: 'argues', head: t.value('upkeep.argues') },
  { field: 'right', head: t.value('upkeep.right') },
]);
</script>

<template>
  <KitTable
    class="approaches small"
    :rows="rows"
    :columns="columns"
    row-key="code"
    :label="t('upkeep.schools')"
    empty=""
    :marks="({ code }) => ({ 'data-school': code })"
  >
    <template #cell="{ row, field }">
      <template v-if="field === 'name'"
        ><strong>{{ row.name }}</strong
        >{{ ' ' }}<span v-if="row.isUsual" class="usual">{{ t('disagree.usual') }}</span></template
      >
      <template v-else-if="field === 'rule'">{{ row.rule }}</template>
      <template v-else-if="field === 'argues'">{{ row.argues }}</template>
      <template v-else-if="field === 'right'">{{ row.right }}</template>
    </template>
    <template #line="{ row }">
      <p :data-school="row.code">
        <strong>{{ row.name }}</strong>{{ ' '
        }}<span v-if="row.isUsual" class="usual">{{ t('disagree.usual') }} · </span>{{ row.rule }}
      </p>
      <p class="soft small">{{ row.argues }} {{ t('practices.right', { when: row.right }) }}</p>
    </template>
  </KitTable>
  <p class="small usual">{{ t('practices.usual', { why: words(speech, practice.defaultBecause) }) }}</p>
</template>

<style scoped>
.usual {
  color: var(--brine);
}

.approaches :deep(td) {
  vertical-align: top;
}
</style>
