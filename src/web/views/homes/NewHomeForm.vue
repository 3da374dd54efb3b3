<script setup lang="ts">
import AutoComplete from 'primevue/autocomplete';
import { v7 as uuid } from 'uuid';
import { reactive, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import FieldRow from '../../kit/FieldRow.vue';
import TextField from '../../kit/TextField.vue';
import ChoiceField from '../../kit/ChoiceField.vue';
import FormFoot from '../../kit/FormFoot.vue';
import { STATIONS } from '../../../core/climate/data/stations.ts';
import { unitSystemSchema } from '../../../core/basics/unitSystem.ts';
import { hemisphereSchema, vocabularySchema } from '../../../core/house/house.ts';
import { browserWording } from '../../i18n.ts';
import { useForm } from '../../composables/useForm.ts';
import { useOutbox } from '../../stores/outbox.ts';
import { useSession } from '../../stores/session.ts';

/** Makes a home. The answers this browser suggests are filled in to confirm. */
const { t } = useI18n({ useScope: 'global' });
const router = useRouter();
const outbox = useOutbox();
const session = useSession();
const { busy, errorAt, refuse, submit } = useForm();

const wording = browserWording();
const zone = Intl.DateTimeFormat().resolvedOptions().timeZone;
const typed = reactive({
  id: uuid(),
  name: '',
  zone: zone.includes('/') ? zone : '',
  hemisphere: /^(Australia|Antarctica)\//.test(zone) ? ('south' as const) : ('north' as const),
  units: wording === 'en-US' ? ('us' as const) : ('metric' as const),
  vocabulary: wording,
  currency: wording === 'en-US' ? 'USD' : 'GBP',
});
const station = ref('');
const ZONES = Intl.supportedValuesOf('timeZone');
/** A handful is enough to choose from; a few more letters narrow it down. */
const MOST_ZONES = 8;
const zones = ref<string[]>([]);
function seekZones({ query }: { query: string }): void {
  const sought = query.trim().toLowerCase().replaceAll(' ', '_');
  zones.value = ZONES.filter((one) => one.toLowerCase().includes(sought)).slice(0, MOST_ZONES);
}

const save = () =>
  submit(async () => {
    const outcome = await outbox.send({
      route: 'createHome',
      homeId: typed.id,
      body: { ...typed, ...(station.value !== '' && { climate: { station: station.value } }) },
      label: typed.name,
    });
    if (outcome.kind === 'refused') return refuse(outcome.error);
    if (outcome.kind === 'waiting') return;
    await session.loadHomes();
    await router.push({ name: 'walk', params: { homeId: outcome.response.id } });
  });
</script>

<template>
  <form class="form" novalidate @submit.prevent="save">
    <h2>{{ t('house.newTitle') }}</h2>
    <div class="pair">
      <TextField
        v-model="typed.name"
        :label="t('house.name')"
        :hint="t('house.nameHint')"
        :error="errorAt('name')"
        maxlength="120"
      />
      <FieldRow
        v-slot="{ id, describedBy, invalid }"
        :label="t('house.zone')"
        :hint="t('house.zoneHint')"
        :error="errorAt('zone')"
      >
        <AutoComplete
          v-model="typed.zone"
          :input-id="id"
          :suggestions="zones"
          :show-empty-message="false"
          :pt="{
            pcInputText: { root: { 'aria-describedby': describedBy, 'aria-invalid': invalid } },
          }"
          @complete="seekZones"
        />
      </FieldRow>
      <ChoiceField
        v-model="typed.hemisphere"
        :label="t('house.hemisphere')"
        :error="errorAt('hemisphere')"
        :options="hemisphereSchema.options.map((one) => ({ value: one, label: t(`hemisphere.${one}`) }))"
      />
      <ChoiceField
        v-model="typed.units"
        :label="t('house.units')"
        :error="errorAt('units')"
        :options="unitSystemSchema.options.map((one) => ({ value: one, label: t(`units.${one}`) }))"
      />
      <ChoiceField
        v-model="typed.vocabulary"
        :label="t('house.vocabulary')"
        :error="errorAt('vocabulary')"
        :options="vocabularySchema.options.map((one) => ({ value: one, label: t(`vocabulary.${one}`) }))"
      />
      <TextField
        v-model="typed.currency"
        :label="t('house.currency')"
        :hint="t('house.currencyHint')"
        :error="errorAt('currency')"
        maxlength="3"
      />
      <ChoiceField
        v-model="station"
        :label="t('house.station')"
        :hint="t('house.stationHint')"
        :options="[
          { value: '', label: t('almanac.noStation') },
          ...STATIONS.map((one) => ({ value: one.code, label: one.name })),
        ]"
      />
    </div>
    <FormFoot :error="errorAt('')" :send="t('house.make')" :busy="busy" />
  </form>
</template>

<style scoped>
.form {
  margin-top: var(--line);
}
</style>
