<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="pipe" d="M20 90 H340" />
    <rect class="act" x="40" y="78" width="120" height="24" rx="10" />
    <rect class="act" x="168" y="78" width="150" height="24" rx="10" />
    <line class="go" x1="40" y1="90" x2="160" y2="90" />
    <rect class="blank" x="158" y="74" width="12" height="32" />
    <path class="warm flat" d="M20 140 H340 V200 H20 Z" />
    <path class="pipe" d="M40 170 H180 V150" />
    <Say n="seam" :x="100" :y="66" tone="do" at="middle" />
    <Say n="joint" :x="164" :y="126" at="middle" />
    <Say n="cold" :x="240" :y="66" tone="air" at="middle" />
    <Say n="space" :x="260" :y="172" at="middle" />
    <Say n="gap" :x="180" :y="218" tone="risk" at="middle" />
  </g>
</template>
