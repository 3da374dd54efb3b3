<script setup lang="ts">
import Button from 'primevue/button';
import { v7 as uuid } from 'uuid';
import { computed, reactive } from 'vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import FormFoot from '../../kit/FormFoot.vue';
import TextField from '../../kit/TextField.vue';
import { sideSchema, spaceUseSchema, type Space } from '../../../core/house/house.ts';
import type { Speech } from '../../../locales/speech.ts';
import { useActs } from '../../composables/useActs.ts';
import { useForm } from '../../composables/useForm.ts';
import { faultText, readInteger } from '../../parts/typed/fields.ts';

/** A room: what it is called, what it is for, on which level; new, or put right. */
const props = defineProps<{ space: Space | null; homeId: string; speech: Speech }>();
const emit = defineEmits<{ close: []; saved: [text: string] }>();

const NOT_SAID = '';
const { busy, errorAt, show, submit } = useForm();
const { act } = useActs();
const t = computed(() => props.speech.t);
const id = props.space?.id ?? uuid();
const typed = reactive({
  name: props.space?.name ?? '',
  use: props.space?.use ?? NOT_SAID,
  storey: props.space?.storey === undefined ? '' : String(props.space.storey),
  side: props.space?.side ?? NOT_SAID,
});

const save = () =>
  submit(async () => {
    const name = typed.name.trim();
    if (name === '') return show(t.value('problem.missing'), 'name');
    const storey = typed.storey.trim() === '' ? null : readInteger(typed.storey, -5, 50, 'storey');
    if (storey && !storey.ok) return show(faultText(t.value, storey.fault), 'storey');
    const use = spaceUseSchema.safeParse(typed.use);
    const side = sideSchema.safeParse(typed.side);
    const space = {
      id,
      name,
      ...(use.success && { use: use.data }),
      ...(storey && { storey: storey.value }),
      ...(side.success && { side: side.data }),
    };
    const { homeId } = props;
    const waits = await act({
      route: 'saveSpace',
      homeId,
      params: { spaceId: id },
      body: { space },
      label: name,
    });
    emit('saved', `${t.value('rooms.saved', { name })}${waits}`);
  });
</script>

<template>
  <form class="form room-form" novalidate @submit.prevent="save">
    <div class="pair">
      <TextField v-model="typed.name" :label="t('rooms.name')" :error="errorAt('name')" maxlength="120" />
      <ChoiceField
        v-model="typed.use"
        :label="t('rooms.use')"
        :error="errorAt('use')"
        :options="[
          { value: NOT_SAID, label: t('rooms.notSaid') },
          ...spaceUseSchema.options.map((use) => ({ value: use, label: t(`spaceUse.${use}`) })),
        ]"
      />
      <TextField
        v-model="typed.storey"
        :label="t('rooms.storey')"
        :error="errorAt('storey')"
        inputmode="numeric"
        maxlength="3"
      />
      <ChoiceField
        v-model="typed.side"
        :label="t('rooms.side')"
        :error="errorAt('side')"
        :options="[
          { value: NOT_SAID, label: t('rooms.notSaid') },
          ...sideSchema.options.map((side) => ({ value: side, label: t(`factOption.side.${side}`) })),
        ]"
      />
    </div>
    <FormFoot :error="errorAt('')" :send="t('rooms.save')" :busy="busy">
      <Button text @click="emit('close')">{{ t('shell.cancel') }}</Button>
    </FormFoot>
  </form>
</template>

<style scoped>
.room-form {
  margin: calc(var(--line) / 2) 0;
}
</style>
