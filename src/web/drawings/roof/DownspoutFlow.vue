<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="40" y="20" width="120" height="150" />
    <line class="ink" x1="10" y1="170" x2="350" y2="186" />
    <path class="pipe" d="M180 20 V150 L204 168 H250" />
    <Arrow path="262 170 320 178" tone="air" />
    <Arrow path="180 4 180 18" tone="do" />

    <Say n="water" :x="194" :y="14" tone="do" />
    <Say n="joint" :x="200" :y="96" tone="risk" />
    <Say n="away" :x="262" :y="156" tone="do" />
    <Arrow path="176 204 300 204" tone="do" both />
    <Say n="far" :x="240" :y="222" tone="do" at="middle" />
    <Say n="house" :x="100" :y="90" tone="soft" at="middle" />
    <Say n="slope" :x="14" :y="206" tone="soft" />
  </g>
</template>
