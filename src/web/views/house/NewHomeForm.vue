<script setup lang="ts">
import { v7 as uuid } from 'uuid';
import { reactive } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRouter } from 'vue-router';
import FieldRow from '../../components/FieldRow.vue';
import { hemisphereSchema, unitSystemSchema, vocabularySchema } from '../../../core/house/house.ts';
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

const FIELDS = ['name', 'zone', 'hemisphere', 'units', 'vocabulary', 'currency'];
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
const ZONES = Intl.supportedValuesOf('timeZone');

const save = () =>
  submit(FIELDS, async () => {
    const outcome = await outbox.send({
      route: 'createHome',
      homeId: typed.id,
      body: { ...typed },
      label: typed.name,
    });
    if (outcome.kind === 'refused') return refuse(outcome.error, FIELDS);
    if (outcome.kind === 'waiting') return;
    await session.loadHomes();
    await router.push({ name: 'today', params: { homeId: outcome.response.id } });
  });
</script>

<template>
  <form class="form" novalidate @submit.prevent="save">
    <h3>{{ t('house.newTitle') }}</h3>
    <div class="pair">
      <FieldRow
        v-slot="{ id, describedBy, invalid }"
        :label="t('house.name')"
        :hint="t('house.nameHint')"
        :error="errorAt('name')"
      >
        <input
          :id="id"
          v-model="typed.name"
          maxlength="120"
          :aria-describedby="describedBy"
          :aria-invalid="invalid"
        />
      </FieldRow>
      <FieldRow
        v-slot="{ id, describedBy, invalid }"
        :label="t('house.zone')"
        :hint="t('house.zoneHint')"
        :error="errorAt('zone')"
      >
        <input
          :id="id"
          v-model="typed.zone"
          list="zones"
          :aria-describedby="describedBy"
          :aria-invalid="invalid"
        />
        <datalist id="zones"><option v-for="one in ZONES" :key="one" :value="one" /></datalist>
      </FieldRow>
      <FieldRow v-slot="{ id, describedBy }" :label="t('house.hemisphere')" :error="errorAt('hemisphere')">
        <select :id="id" v-model="typed.hemisphere" :aria-describedby="describedBy">
          <option v-for="one in hemisphereSchema.options" :key="one" :value="one">
            {{ t(`hemisphere.${one}`) }}
          </option>
        </select>
      </FieldRow>
      <FieldRow v-slot="{ id, describedBy }" :label="t('house.units')" :error="errorAt('units')">
        <select :id="id" v-model="typed.units" :aria-describedby="describedBy">
          <option v-for="one in unitSystemSchema.options" :key="one" :value="one">
            {{ t(`units.${one}`) }}
          </option>
        </select>
      </FieldRow>
      <FieldRow v-slot="{ id, describedBy }" :label="t('house.vocabulary')" :error="errorAt('vocabulary')">
        <select :id="id" v-model="typed.vocabulary" :aria-describedby="describedBy">
          <option v-for="one in vocabularySchema.options" :key="one" :value="one">
            {{ t(`vocabulary.${one}`) }}
          </option>
        </select>
      </FieldRow>
      <FieldRow
        v-slot="{ id, describedBy, invalid }"
        :label="t('house.currency')"
        :hint="t('house.currencyHint')"
        :error="errorAt('currency')"
      >
        <input
          :id="id"
          v-model="typed.currency"
          maxlength="3"
          :aria-describedby="describedBy"
          :aria-invalid="invalid"
        />
      </FieldRow>
    </div>
    <p v-if="errorAt('')" class="notice wrong" role="alert">{{ errorAt('') }}</p>
    <p class="actions">
      <button type="submit" class="main" :disabled="busy">{{ t('house.make') }}</button>
    </p>
  </form>
</template>
