<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="blank" x="40" y="40" width="190" height="150" />
    <line class="ink" x1="130" y1="40" x2="130" y2="110" />
    <line class="ink" x1="130" y1="140" x2="130" y2="190" />
    <line class="ink" x1="40" y1="120" x2="100" y2="120" />
    <rect class="act" x="228" y="130" width="6" height="30" />
    <rect class="act" x="60" y="36" width="30" height="6" />
    <rect class="act" x="60" y="188" width="30" height="6" />
    <Arrow path="80 150 150 150 222 146" tone="do" />
    <Arrow path="76 80 76 30" tone="do" />
    <Arrow path="180 96 180 124 222 138" tone="do" />
    <path class="warm" d="M296 90 l-16 34 h32 Z M294 124 h5 v14 h-5 Z" />
    <circle class="act" cx="300" cy="170" r="9" />
    <Arrow path="238 150 286 168" tone="do" />
    <Say n="door" :x="256" :y="130" tone="do" at="middle" />
    <Say n="window" :x="76" :y="22" tone="do" at="middle" />
    <Say n="meet" :x="300" :y="200" tone="do" at="middle" />
    <Say n="two" :x="180" :y="66" at="middle" />
    <Say n="low" :x="140" :y="216" tone="risk" at="middle" />
  </g>
</template>
