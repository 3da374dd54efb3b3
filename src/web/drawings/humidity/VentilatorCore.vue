<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="72" y="30" width="208" height="140" />
    <path class="act" d="M170 46 L224 100 L170 154 L116 100 Z" />
    <path class="bad" d="M112 52 L140 80 L134 88 L106 60 Z" />
    <path class="bad" d="M228 52 L200 80 L206 88 L234 60 Z" />
    <path class="pipe" d="M20 62 H72" />
    <path class="pipe" d="M280 62 H330" />
    <path class="pipe" d="M20 140 H72" />
    <path class="pipe" d="M280 140 H330" />
    <line class="pipe" x1="170" y1="170" x2="170" y2="200" />
    <Say n="fresh" :x="2" :y="46" tone="air" />
    <Say n="stale" :x="284" :y="46" tone="air" />
    <Say n="out" :x="30" :y="160" tone="soft" at="middle" />
    <Say n="house" :x="310" :y="160" tone="soft" at="middle" />
    <Say n="filter" :x="170" :y="20" tone="risk" at="middle" />
    <Say n="core" :x="170" :y="104" tone="do" at="middle" />
    <Say n="drain" :x="182" :y="198" />
  </g>
</template>
