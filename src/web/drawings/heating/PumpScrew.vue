<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="pipe" d="M20 120 H120" />
    <path class="pipe" d="M240 120 H340" />
    <circle class="wash" cx="180" cy="120" r="60" />
    <circle class="blank" cx="180" cy="120" r="32" />
    <circle class="act" cx="180" cy="120" r="12" />
    <line class="go" x1="172" y1="120" x2="188" y2="120" />
    <path class="go" d="M214 76 A56 56 0 0 1 236 112" />
    <path class="go" d="M228 108 l8 4 l4 -9" />
    <Say n="pump" :x="180" :y="206" at="middle" />
    <Say n="screw" :x="180" :y="44" tone="do" at="middle" line="180 50 180 104" />
    <Say n="drops" :x="252" :y="90" tone="risk" />
    <Say n="shaft" :x="252" :y="166" tone="do" line="250 160 190 126" />
    <Say n="off" :x="14" :y="32" tone="risk" />
  </g>
</template>
