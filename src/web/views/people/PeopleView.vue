<script setup lang="ts">
import { computed } from 'vue';
import { useSpeech } from '../../composables/useSpeech.ts';
import HousePage from '../../parts/house/HousePage.vue';
import AccessHistory from './AccessHistory.vue';
import InvitePeople from './InvitePeople.vue';
import MemberList from './MemberList.vue';

/** The people who can see a home, and what each may do; for its owners, invitations and the access history. */
const speech = useSpeech();
const t = computed(() => speech.value.t);
</script>

<template>
  <HousePage v-slot="{ house }" :title="t('house.peopleTitle')" :lead="t('house.peopleLead')">
    <MemberList :home-id="house.home.id" :home-name="house.home.name" :is-owner="house.role === 'owner'" />
    <template v-if="house.role === 'owner'">
      <InvitePeople :home-id="house.home.id" />
      <AccessHistory :home-id="house.home.id" :zone="house.home.zone" :people="house.people" />
    </template>
  </HousePage>
</template>
