<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="20" y="50" width="60" height="120" />
    <rect class="blank" x="80" y="92" width="80" height="34" />
    <rect class="wash" x="200" y="50" width="60" height="120" />
    <rect class="blank" x="260" y="92" width="80" height="34" />
    <line class="go" x1="104" y1="109" x2="140" y2="109" />
    <line class="stop" x1="302" y1="94" x2="302" y2="124" />
    <path class="go" d="M38 36 H62 M50 36 V50" />
    <path class="stop" d="M230 28 V44 M230 44 V50" />
    <Say n="winter" :x="90" :y="24" tone="do" at="middle" />
    <Say n="summer" :x="280" :y="24" tone="risk" at="middle" />
    <Say n="open" :x="84" :y="190" tone="do" at="middle" />
    <Say n="shut" :x="274" :y="190" tone="risk" at="middle" />
    <Say n="damper" :x="122" :y="144" at="middle" />
    <Say n="damper2" :x="300" :y="144" at="middle" />
    <line class="hair" x1="180" y1="30" x2="180" y2="200" />
    <Say n="note" :x="180" :y="220" tone="soft" at="middle" />
  </g>
</template>
