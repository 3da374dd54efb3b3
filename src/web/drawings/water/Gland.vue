<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="pipe" d="M20 180 H340" />
    <rect class="wash" x="140" y="140" width="80" height="80" />
    <rect class="blank" x="160" y="104" width="40" height="36" />
    <rect class="act" x="150" y="84" width="60" height="22" />
    <line class="ink" x1="180" y1="84" x2="180" y2="44" />
    <line class="ink" x1="150" y1="44" x2="210" y2="44" />
    <circle class="bad" cx="140" cy="78" r="4" />
    <path class="go" d="M222 88 Q246 96 224 108 M232 108 L223 109 L226 100" />
    <Say n="spindle" :x="192" :y="66" />
    <Say n="nut" :x="256" :y="94" tone="do" />
    <Say n="turn" :x="256" :y="110" tone="do" />
    <Say n="drip" :x="128" :y="82" tone="risk" at="end" />
    <Say n="pack" :x="14" :y="124" />
    <Say n="hold" :x="244" :y="150" tone="soft" />
    <Say n="valve" :x="180" :y="170" at="middle" />
  </g>
</template>
