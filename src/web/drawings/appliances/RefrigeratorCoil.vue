<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="60" y="14" width="110" height="180" />
    <line class="ink" x1="60" y1="70" x2="170" y2="70" />
    <rect class="blank" x="60" y="176" width="110" height="18" />
    <path class="go" d="M70 184 h8 v6 h8 v-6 h8 v6 h8 v-6 h8 v6 h8 v-6 h8 v6 h8 v-6 h8" />
    <path class="go" d="M180 60 h10 v14 h-10 v14 h10 v14 h-10 v14 h10 v14 h-10" />

    <path class="ink" d="M20 200 L64 186" />
    <Say n="below" :x="22" :y="220" tone="do" />
    <Say n="back" :x="206" :y="90" tone="do" />
    <Say n="or" :x="206" :y="106" tone="soft" />
    <Say n="unplug" :x="206" :y="40" tone="risk" />
    <Say n="gap" :x="206" :y="140" />
    <Say n="seal" :x="206" :y="174" />
    <Say n="brush" :x="8" :y="176" tone="do" />
  </g>
</template>
