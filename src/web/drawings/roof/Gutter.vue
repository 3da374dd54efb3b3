<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M10 60 L150 20 V60 Z" />
    <path class="blank" d="M150 56 V96 H326 V56" />
    <path class="water flat" d="M152 80 H324 V94 H152 Z" />
    <path class="bad" d="M160 78 q10 -14 20 0 q10 -12 20 0 q10 -14 22 0 Z" />
    <path class="pipe" d="M290 96 V200" />
    <rect class="act" x="280" y="92" width="20" height="10" />
    <Arrow path="306 130 306 170" tone="air" />
    <Arrow path="236 38 184 68" tone="do" />
    <Say n="roof" :x="112" :y="54" tone="soft" at="middle" />
    <Say n="leaves" :x="190" :y="118" tone="risk" at="middle" />
    <Say n="scoop" :x="186" :y="30" tone="do" />
    <Say n="outlet" :x="270" :y="118" tone="do" at="end" line="272 114 284 102" />
    <Say n="down" :x="272" :y="160" tone="air" at="end" />
    <Say n="from" :x="14" :y="140" />
    <Say n="flush" :x="14" :y="200" tone="do" />
  </g>
</template>
