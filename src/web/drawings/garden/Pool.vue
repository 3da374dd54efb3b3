<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M20 80 H340 V210 H20 Z" />
    <path class="water" d="M40 80 H320 V150 L220 190 H40 Z" />
    <rect class="act" x="34" y="72" width="20" height="30" />
    <path class="pipe" d="M54 96 H10 V30 H110" />
    <rect class="wash" x="110" y="14" width="44" height="34" rx="4" />
    <line class="hair dash" x1="40" y1="104" x2="320" y2="104" />
    <Say n="skimmer" :x="64" :y="72" tone="do" />
    <Say n="pump" :x="162" :y="36" />
    <Say n="level" :x="310" :y="120" tone="do" at="end" />
    <Say n="water" :x="190" :y="160" tone="air" at="middle" />
    <Say n="test" :x="250" :y="40" tone="do" />
    <Say n="lines" :x="20" :y="226" tone="soft" />
    <Say n="cover" :x="250" :y="66" tone="risk" />
  </g>
</template>
