<script setup lang="ts">
import RadioButton from 'primevue/radiobutton';
import { useI18n } from 'vue-i18n';
import type { HouseBody } from '../../../contract/schemas.ts';
import TextField from '../../kit/TextField.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import { assetKindSchema } from '../../../core/basics/assetKind.ts';
import { NONE, OWN, type Draft } from '../../parts/task/draft.ts';

/** The thing itself: something already in the house, or something new with its place and units. */
defineProps<{ house: HouseBody; unit: 'mm' | 'in'; errorAt: (...names: string[]) => string }>();
const draft = defineModel<Draft>({ required: true });

const { t } = useI18n({ useScope: 'global' });
const KINDS = assetKindSchema.options;
</script>

<template>
  <fieldset class="form">
    <legend>{{ t('add.thing') }}</legend>
    <div v-if="house.assets.length > 0" class="choices">
      <label><RadioButton v-model="draft.source" value="new" />{{ t('add.fresh') }}</label>
      <label><RadioButton v-model="draft.source" value="existing" />{{ t('add.existing') }}</label>
    </div>
    <ChoiceField
      v-if="draft.source === 'existing'"
      v-model="draft.existing"
      :label="t('add.which')"
      :error="errorAt('existing')"
      :options="
        house.assets.map((asset) => ({
          value: asset.id,
          label: `${asset.name} (${t(`assetKind.${asset.kind}`)})`,
        }))
      "
    />
    <template v-else>
      <div class="pair">
        <ChoiceField
          v-model="draft.kind"
          :label="t('add.kind')"
          :options="KINDS.map((kind) => ({ value: kind, label: t(`assetKind.${kind}`) }))"
        />
        <TextField
          v-model="draft.name"
          :label="t('add.name')"
          :hint="t('add.nameHint')"
          :error="errorAt('name')"
          maxlength="120"
        />
        <ChoiceField
          v-model="draft.space"
          :label="t('add.place')"
          :options="[
            { value: NONE, label: t('add.placeNone') },
            ...house.spaces.map((space) => ({ value: space.id, label: space.name })),
            { value: OWN, label: t('add.placeNew') },
          ]"
        />
        <TextField
          v-if="draft.space === OWN"
          v-model="draft.spaceName"
          :label="t('add.placeName')"
          :error="errorAt('spaceName')"
          maxlength="120"
        />
        <TextField
          v-model="draft.installed"
          :label="t('add.installed')"
          :error="errorAt('installed')"
          type="date"
        />
        <TextField
          v-if="draft.kind === 'filter-position'"
          v-model="draft.thickness"
          :label="t('add.thickness', { unit })"
          :error="errorAt('thickness')"
          inputmode="decimal"
        />
      </div>
      <TextField
        v-model="draft.units"
        :label="t('add.units')"
        :hint="t('add.unitsHint')"
        :error="errorAt('units')"
        lines="several"
      />
    </template>
  </fieldset>
</template>
