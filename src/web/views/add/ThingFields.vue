<script setup lang="ts">
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
      <label><input v-model="draft.source" type="radio" value="new" />{{ t('add.fresh') }}</label>
      <label><input v-model="draft.source" type="radio" value="existing" />{{ t('add.existing') }}</label>
    </div>
    <ChoiceField
      v-if="draft.source === 'existing'"
      v-model="draft.existing"
      :label="t('add.which')"
      :error="errorAt('existing')"
    >
      <option v-for="asset in house.assets" :key="asset.id" :value="asset.id">
        {{ asset.name }} ({{ t(`assetKind.${asset.kind}`) }})
      </option>
    </ChoiceField>
    <template v-else>
      <div class="pair">
        <ChoiceField v-model="draft.kind" :label="t('add.kind')">
          <option v-for="kind in KINDS" :key="kind" :value="kind">{{ t(`assetKind.${kind}`) }}</option>
        </ChoiceField>
        <TextField
          v-model="draft.name"
          :label="t('add.name')"
          :hint="t('add.nameHint')"
          :error="errorAt('name')"
          maxlength="120"
        />
        <ChoiceField v-model="draft.space" :label="t('add.place')">
          <option :value="NONE">{{ t('add.placeNone') }}</option>
          <option v-for="space in house.spaces" :key="space.id" :value="space.id">{{ space.name }}</option>
          <option :value="OWN">{{ t('add.placeNew') }}</option>
        </ChoiceField>
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
