<script setup lang="ts">
import { computed } from 'vue';
import { useSpeech } from '../../composables/useSpeech.ts';
import HousePage from '../../parts/house/HousePage.vue';
import MemberList from './MemberList.vue';

/** The people who can see a home, and what each may do. */
const speech = useSpeech();
const t = computed(() => speech.value.t);
</script>

<template>
  <HousePage v-slot="{ house }" :title="t('house.peopleTitle')" :lead="t('house.peopleLead')">
    <MemberList :home-id="house.home.id" :home-name="house.home.name" :is-owner="house.role === 'owner'" />
  </HousePage>
</template>
