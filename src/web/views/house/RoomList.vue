<script setup lang="ts">
import Button from 'primevue/button';
import { computed, ref } from 'vue';
import type { HouseBody } from '../../../contract/schemas.ts';
import type { KnownBody } from '../../../contract/known.ts';
import type { Asset, Space } from '../../../core/house/house.ts';
import { storeyText } from '../../../locales/coverageText.ts';
import { capital, type Speech } from '../../../locales/speech.ts';
import { knownAssets } from '../../parts/thing/knownAssets.ts';
import RoomForm from './RoomForm.vue';
import ThingRow from './ThingRow.vue';

/** The rooms with what stands in them; each thing leads to its own page. */
const props = defineProps<{ house: HouseBody; known: KnownBody; speech: Speech; mayWrite: boolean }>();
const emit = defineEmits<{ saved: [text: string] }>();

const NO_ROOM = '';
const t = computed(() => props.speech.t);
const open = ref<string | null>(null);

const standing = computed(() => knownAssets(props.house, props.known));
const rooms = computed(() => {
  const spaces = [...props.house.spaces].sort((a, b) => (a.storey ?? 99) - (b.storey ?? 99));
  const listed = spaces.map((space) => ({ space, things: thingsIn(space.id) }));
  const nowhere = thingsIn(undefined);
  return nowhere.length > 0 ? [...listed, { space: null, things: nowhere }] : listed;
});

const thingsIn = (space: string | undefined): Asset[] =>
  standing.value.filter((asset) => asset.space === space);

function roomSays({ use, storey, side }: Space): string {
  const parts = [
    ...(use ? [t.value(`spaceUse.${use}`)] : []),
    ...(storey === undefined ? [] : [storeyText(props.speech, storey)]),
    ...(side ? [t.value(`factOption.side.${side}`)] : []),
  ];
  return parts.join(', ');
}

function saved(text: string): void {
  open.value = null;
  emit('saved', text);
}
</script>

<template>
  <section :aria-label="t('rooms.title')">
    <h2>{{ t('rooms.title') }}</h2>
    <ul v-if="rooms.length > 0" class="ruled">
      <li v-for="{ space, things } in rooms" :key="space?.id ?? NO_ROOM" class="room">
        <p class="row head">
          <span
            ><strong>{{ space?.name ?? t('rooms.noRoom') }}</strong> {{ ' '
            }}<span v-if="space" class="soft small">{{ capital(roomSays(space)) }}</span></span
          >
          <Button
            v-if="space && mayWrite"
            text
            class="no-print"
            :aria-expanded="open === space.id"
            @click="open = open === space.id ? null : space.id"
          >
            {{ t('rooms.change') }}<span class="unseen">: {{ space.name }}</span>
          </Button>
        </p>
        <RoomForm
          v-if="space && open === space.id"
          :space="space"
          :home-id="house.home.id"
          :speech="speech"
          @close="open = null"
          @saved="saved"
        />
        <ul>
          <ThingRow
            v-for="asset in things"
            :key="asset.id"
            :asset="asset"
            :home-id="house.home.id"
            :on="known.on"
            :speech="speech"
          />
        </ul>
        <p v-if="things.length === 0" class="soft small">{{ t('rooms.empty') }}</p>
      </li>
    </ul>
    <p v-if="mayWrite" class="no-print ways">
      <Button v-if="open !== NO_ROOM" text @click="open = NO_ROOM">{{ t('rooms.add') }}</Button>
      <RouterLink :to="{ name: 'add', params: { homeId: house.home.id } }">{{ t('add.title') }}</RouterLink>
      <RouterLink
        v-if="house.assets.length === 0"
        :to="{ name: 'walk', params: { homeId: house.home.id } }"
        >{{ t('nav.page.walk') }}</RouterLink
      >
    </p>
    <RoomForm
      v-if="open === NO_ROOM"
      :space="null"
      :home-id="house.home.id"
      :speech="speech"
      @close="open = null"
      @saved="saved"
    />
  </section>
</template>

<style scoped>
.room {
  padding: calc(var(--line) / 4) 0;
}

.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0.25rem 1.5rem;
  margin-top: calc(var(--line) / 2);
}
</style>
