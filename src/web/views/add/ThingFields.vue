<script setup lang="ts">
import { useI18n } from 'vue-i18n';
import type { HouseBody } from '../../../contract/schemas.ts';
import FieldRow from '../../components/FieldRow.vue';
import { assetKindSchema } from '../../../core/house/assetKind.ts';
import { NONE, OWN, type Draft } from './draft.ts';

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
    <FieldRow
      v-if="draft.source === 'existing'"
      v-slot="{ id, describedBy, invalid }"
      :label="t('add.which')"
      :error="errorAt('existing')"
    >
      <select :id="id" v-model="draft.existing" :aria-describedby="describedBy" :aria-invalid="invalid">
        <option v-for="asset in house.assets" :key="asset.id" :value="asset.id">
          {{ asset.name }} ({{ t(`assetKind.${asset.kind}`) }})
        </option>
      </select>
    </FieldRow>
    <template v-else>
      <div class="pair">
        <FieldRow v-slot="{ id, describedBy }" :label="t('add.kind')">
          <select :id="id" v-model="draft.kind" :aria-describedby="describedBy">
            <option v-for="kind in KINDS" :key="kind" :value="kind">{{ t(`assetKind.${kind}`) }}</option>
          </select>
        </FieldRow>
        <FieldRow
          v-slot="{ id, describedBy, invalid }"
          :label="t('add.name')"
          :hint="t('add.nameHint')"
          :error="errorAt('name')"
        >
          <input
            :id="id"
            v-model="draft.name"
            maxlength="120"
            :aria-describedby="describedBy"
            :aria-invalid="invalid"
          />
        </FieldRow>
        <FieldRow v-slot="{ id, describedBy }" :label="t('add.place')">
          <select :id="id" v-model="draft.space" :aria-describedby="describedBy">
            <option :value="NONE">{{ t('add.placeNone') }}</option>
            <option v-for="space in house.spaces" :key="space.id" :value="space.id">{{ space.name }}</option>
            <option :value="OWN">{{ t('add.placeNew') }}</option>
          </select>
        </FieldRow>
        <FieldRow
          v-if="draft.space === OWN"
          v-slot="{ id, describedBy, invalid }"
          :label="t('add.placeName')"
          :error="errorAt('spaceName')"
        >
          <input
            :id="id"
            v-model="draft.spaceName"
            maxlength="120"
            :aria-describedby="describedBy"
            :aria-invalid="invalid"
          />
        </FieldRow>
        <FieldRow
          v-slot="{ id, describedBy, invalid }"
          :label="t('add.installed')"
          :error="errorAt('installed')"
        >
          <input
            :id="id"
            v-model="draft.installed"
            type="date"
            :aria-describedby="describedBy"
            :aria-invalid="invalid"
          />
        </FieldRow>
        <FieldRow
          v-if="draft.kind === 'filter-position'"
          v-slot="{ id, describedBy, invalid }"
          :label="t('add.thickness', { unit })"
          :error="errorAt('thickness')"
        >
          <input
            :id="id"
            v-model="draft.thickness"
            inputmode="decimal"
            :aria-describedby="describedBy"
            :aria-invalid="invalid"
          />
        </FieldRow>
      </div>
      <FieldRow
        v-slot="{ id, describedBy, invalid }"
        :label="t('add.units')"
        :hint="t('add.unitsHint')"
        :error="errorAt('units')"
      >
        <textarea :id="id" v-model="draft.units" :aria-describedby="describedBy" :aria-invalid="invalid" />
      </FieldRow>
    </template>
  </fieldset>
</template>
