<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M20 90 L80 50 L140 90 Z" />
    <rect class="blank" x="30" y="90" width="100" height="100" />
    <line class="ink" x1="10" y1="190" x2="350" y2="190" />
    <rect class="act" x="270" y="156" width="54" height="30" rx="3" />
    <circle class="blank" cx="282" cy="190" r="6" />
    <circle class="blank" cx="312" cy="190" r="6" />
    <Arrow path="326 160 348 150" tone="risk" />
    <Arrow path="134 150 266 150" tone="do" both />
    <Say n="far" :x="200" :y="142" tone="do" at="middle" />
    <Say n="co" :x="304" :y="140" tone="risk" at="middle" />
    <Say n="house" :x="80" :y="140" tone="soft" at="middle" />
    <Say n="away" :x="200" :y="210" at="middle" />
    <Say n="never" :x="190" :y="40" tone="risk" />
  </g>
</template>
