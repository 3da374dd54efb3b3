<script setup lang="ts">
import Button from 'primevue/button';
import { CircleAlert, Plus, Search } from 'lucide-vue-next';
import { computed } from 'vue';
import { useI18n } from 'vue-i18n';
import { useRoute } from 'vue-router';
import HomeMenu from './HomeMenu.vue';
import PersonMenu from './PersonMenu.vue';
import { isOn, PLACES, placeOf } from './places.ts';

/** The head of every page: the places, the two acts, the home and the person; under it the pages of the place. On a phone the places are at the foot. */
defineProps<{ homeId: string | null; mayWrite: boolean }>();
const emit = defineEmits<{ leave: []; search: [] }>();
const { t } = useI18n({ useScope: 'global' });
const route = useRoute();
const here = computed(() => placeOf(route.name));
</script>

<template>
  <header class="head no-print">
    <div class="row">
      <RouterLink class="product" :to="{ name: 'homes', query: { all: '1' } }">{{ t('product') }}</RouterLink>
      <nav v-if="homeId" class="places" :aria-label="t('nav.label')">
        <RouterLink
          v-for="place in PLACES"
          :key="place.name"
          :to="{ name: place.pages[0], params: { homeId } }"
          :class="{ here: here === place }"
          :aria-current="here === place ? 'true' : undefined"
          :data-place="place.name"
          >{{ t(`nav.${place.name}`) }}</RouterLink
        >
      </nav>
      <div class="acts">
        <template v-if="homeId">
          <Button
            text
            class="search"
            :aria-label="t('shell.search')"
            data-act="search"
            @click="emit('search')"
          >
            <Search :size="20" aria-hidden="true" />
          </Button>
          <RouterLink
            v-if="mayWrite"
            class="k-button k-filled log"
            data-go="note"
            :to="{ name: 'note', params: { homeId } }"
            ><Plus :size="18" aria-hidden="true" />{{ t('nav.note') }}</RouterLink
          >
          <RouterLink
            class="k-button k-framed k-grave wrong"
            data-go="trouble"
            :to="{ name: 'trouble', params: { homeId } }"
            ><CircleAlert :size="18" aria-hidden="true" />{{ t('nav.trouble') }}</RouterLink
          >
          <span class="home"><HomeMenu :home-id="homeId" /></span>
        </template>
        <PersonMenu :home-id="homeId" @leave="emit('leave')" @search="emit('search')" />
      </div>
    </div>
    <nav v-if="homeId && here && here.pages.length > 1" class="pages" :aria-label="t(`nav.${here.name}`)">
      <RouterLink
        v-for="page in here.pages"
        :key="page"
        :to="{ name: page, params: { homeId } }"
        :class="{ here: isOn(page, route.name) }"
        :data-go="page"
        >{{ t(`nav.page.${page}`) }}</RouterLink
      >
    </nav>
  </header>
</template>

<style scoped>
.head {
  border-bottom: 1px solid var(--rule);
}

.row,
.pages {
  display: flex;
  align-items: center;
  gap: 0 1.5rem;
  max-width: var(--page);
  margin: 0 auto;
  padding: 0 1.5rem;
}

.row {
  min-height: 3.5rem;
}

.product {
  color: var(--ink);
  font-family: var(--serif);
  font-size: 1.25rem;
  font-weight: 600;
  text-decoration: none;
  white-space: nowrap;
}

.places,
.pages {
  display: flex;
  gap: 0 0.25rem;
}

.places a,
.pages a {
  display: inline-flex;
  align-items: center;
  min-height: 3.5rem;
  padding: 0 0.75rem;
  color: var(--soft);
  text-decoration: none;
  white-space: nowrap;
}

.places a:hover,
.pages a:hover {
  color: var(--ink);
}

.places a.here,
.pages a.here {
  box-shadow: inset 0 -2px var(--brine);
  color: var(--ink);
  font-weight: 600;
}

.pages {
  overflow-x: auto;
  scrollbar-width: none;
  border-top: 1px solid var(--rule);
}

.pages a {
  min-height: 2.75rem;
}

.pages a:first-child {
  margin-left: -0.75rem;
}

.acts {
  display: flex;
  flex: 1;
  align-items: center;
  justify-content: flex-end;
  gap: 0 0.75rem;
  min-width: 0;
}

.wrong {
  white-space: nowrap;
}

.home {
  min-width: 0;
}

@media (max-width: 64rem) and (min-width: 44.01rem) {
  .row {
    flex-wrap: wrap;
  }

  .places {
    order: 3;
    width: 100%;
  }

  .places a:first-child {
    margin-left: -0.75rem;
  }
}

@media (max-width: 44rem) {
  .row {
    min-height: 3rem;
    padding: 0 0.5rem;
  }

  .row .product:has(~ .places),
  .places,
  .search,
  .log {
    display: none;
  }

  .acts {
    gap: 0;
  }

  .home {
    order: -1;
    margin-right: auto;
  }

  .wrong {
    padding: 0 0.5rem;
    border-color: transparent;
    font-weight: 400;
  }

  .pages {
    padding: 0 1rem;
  }
}
</style>
