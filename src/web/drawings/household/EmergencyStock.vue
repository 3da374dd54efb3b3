<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="30" y="60" width="120" height="130" />
    <rect class="water" x="44" y="84" width="34" height="90" rx="4" />
    <rect class="water" x="84" y="84" width="34" height="90" rx="4" />
    <rect class="blank" x="170" y="60" width="80" height="60" />
    <path class="act" d="M186 90 h40 v14 h-40 Z M226 86 v22 l14 -4 v-14 Z" />
    <rect class="blank" x="170" y="130" width="80" height="60" />
    <rect class="act" x="190" y="146" width="14" height="28" />
    <rect class="act" x="212" y="146" width="14" height="28" />
    <rect class="blank" x="266" y="60" width="70" height="60" />
    <circle class="ink" cx="301" cy="90" r="18" />
    <rect class="blank" x="266" y="130" width="70" height="60" />
    <path class="go" d="M301 144 v32 M285 160 h32" />
    <Say n="water" :x="90" :y="50" at="middle" />
    <Say n="light" :x="210" :y="50" at="middle" />
    <Say n="cells" :x="210" :y="206" at="middle" />
    <Say n="food" :x="301" :y="50" at="middle" />
    <Say n="kit" :x="301" :y="206" at="middle" />
    <Say n="each" :x="90" :y="206" tone="do" at="middle" />
    <Say n="dates" :x="180" :y="26" tone="soft" at="middle" />
  </g>
</template>
