<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="120" y="24" width="120" height="36" rx="4" />
    <path class="pipe" d="M40 42 H120" />
    <path class="pipe" d="M240 42 H330" />
    <circle class="bad" cx="70" cy="42" r="10" />
    <line class="stop" x1="70" y1="32" x2="70" y2="20" />
    <path class="blank" d="M130 60 H230 V190 Q180 214 130 190 Z" />
    <rect class="act" x="156" y="70" width="48" height="106" rx="4" />
    <line class="go" x1="156" y1="84" x2="204" y2="84" />
    <line class="go" x1="156" y1="102" x2="204" y2="102" />
    <line class="go" x1="156" y1="120" x2="204" y2="120" />
    <line class="go" x1="156" y1="138" x2="204" y2="138" />
    <line class="go" x1="156" y1="156" x2="204" y2="156" />
    <circle class="bad" cx="180" cy="34" r="5" />
    <path class="go" d="M250 110 Q270 124 250 140 M260 140 L249 141 L252 131" />
    <Say n="shut" :x="70" :y="76" tone="risk" at="middle" />
    <Say n="press" :x="180" :y="16" tone="risk" at="middle" />
    <Say n="cart" :x="92" :y="140" tone="do" at="end" line="94 136 154 136" />
    <Say n="bowl" :x="262" :y="170" />
    <Say n="turn" :x="272" :y="124" tone="do" />
    <Say n="ring" :x="262" :y="74" line="260 70 232 62" />
  </g>
</template>
