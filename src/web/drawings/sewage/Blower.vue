<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="40" y="70" width="140" height="90" rx="8" />
    <rect class="act" x="60" y="50" width="50" height="20" rx="3" />
    <path class="pipe" d="M180 120 H250 V200" />
    <rect class="blank" x="280" y="40" width="56" height="60" rx="4" />
    <circle class="ink" cx="308" cy="66" r="16" />
    <path class="ink" d="M308 66 L308 54 M308 66 L316 70" />
    <path class="hair" d="M180 90 H280 V80" />
    <Say n="filter" :x="85" :y="40" tone="do" at="middle" />
    <Say n="hum" :x="110" :y="120" at="middle" />
    <Say n="timer" :x="308" :y="30" tone="do" at="middle" />
    <Say n="air" :x="262" :y="180" tone="air" />
    <Say n="hot" :x="40" :y="182" tone="risk" />
    <Say n="wash" :x="40" :y="206" tone="do" />
    <Say n="dry" :x="110" :y="138" tone="soft" at="middle" />
    <Say n="time" :x="276" :y="116" tone="soft" />
  </g>
</template>
