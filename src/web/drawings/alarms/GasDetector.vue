<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="blank" x="30" y="26" width="140" height="180" />
    <rect class="act" x="80" y="36" width="40" height="18" rx="3" />
    <Arrow path="100 120 100 66" tone="air" />
    <Say n="natural" :x="100" :y="140" tone="air" at="middle" />
    <Say n="high" :x="180" :y="48" tone="do" />
    <rect class="blank" x="190" y="80" width="150" height="126" />
    <rect class="act" x="246" y="176" width="40" height="18" rx="3" />
    <Arrow path="266 120 266 168" tone="air" />
    <Say n="propane" :x="265" :y="104" tone="air" at="middle" />
    <Say n="low" :x="265" :y="222" tone="do" at="middle" />
  </g>
</template>
