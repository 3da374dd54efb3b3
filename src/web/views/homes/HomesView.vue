<script setup lang="ts">
import Button from 'primevue/button';
import { computed, defineAsyncComponent, ref } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import { useSession } from '../../stores/session.ts';

/** All homes one may see, by name. Whoever has several begins here; whoever has none makes the first one. */
const NewHomeForm = defineAsyncComponent(() => import('./NewHomeForm.vue'));
const BringHome = defineAsyncComponent(() => import('./BringHome.vue'));
const { t } = useI18n({ useScope: 'global' });
const route = useRoute();
const session = useSession();
const homes = computed(() => [...session.homes].sort((a, b) => a.name.localeCompare(b.name)));
const making = ref(false);
const bringing = ref(false);
</script>

<template>
  <div class="sheet homes">
    <header>
      <h1>{{ t('homes.title') }}</h1>
    </header>
    <p v-if="route.query['missing'] !== undefined" class="notice wrong" role="alert">
      {{ t('homes.missing') }}
    </p>
    <p v-if="homes.length === 0">{{ t('homes.none') }}</p>
    <ul v-else class="ruled">
      <li v-for="one in homes" :key="one.id">
        <RouterLink :to="{ name: 'today', params: { homeId: one.id } }" :data-home="one.name">
          <span class="name">{{ one.name }}</span>
          <span class="soft small"
            >{{ one.zone.replace(/^.*\//, '').replaceAll('_', ' ') }} · {{ t(`role.${one.role}`) }}</span
          >
        </RouterLink>
      </li>
    </ul>
    <NewHomeForm v-if="making || homes.length === 0" />
    <BringHome v-if="bringing" />
    <p class="more actions">
      <Button
        v-if="!making && homes.length > 0"
        outlined
        :label="t('house.newTitle')"
        @click="making = true"
      />
      <Button v-if="!bringing" text :label="t('bring.title')" @click="bringing = true" />
    </p>
  </div>
</template>

<style scoped>
.homes {
  max-width: 46rem;
}

li a {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  justify-content: space-between;
  gap: 0 1rem;
  min-height: 2.75rem;
  padding: 0.625rem 0;
  color: var(--ink);
  text-decoration: none;
}

li a:hover .name {
  text-decoration: underline;
}

.name {
  font-size: 1.125rem;
  font-weight: 600;
}

.more {
  margin-top: var(--line);
}
</style>
