<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="warm" x="20" y="80" width="320" height="140" />
    <path class="blank" d="M120 80 H240 V206 H120 Z" />
    <rect class="water" x="122" y="150" width="116" height="54" />
    <rect class="wash" x="140" y="166" width="40" height="36" />
    <circle class="bad" cx="206" cy="146" r="14" />
    <line class="ink" x1="180" y1="176" x2="196" y2="152" />
    <path class="pipe" d="M160 166 V40 H320" />
    <rect class="act" x="150" y="100" width="20" height="18" />
    <Arrow path="290 28 322 28" tone="air" />
    <Arrow path="206 78 206 126" tone="do" />
    <Say n="pump" :x="66" :y="190" at="middle" line="82 186 138 184" />
    <Say n="float" :x="262" :y="146" tone="risk" />
    <Say n="check" :x="100" :y="112" tone="do" at="end" />
    <Say n="out" :x="300" :y="22" tone="air" at="end" />
    <Say n="pour" :x="206" :y="70" tone="do" at="middle" />
    <Say n="must" :x="248" :y="190" tone="do" />
    <Say n="plug" :x="14" :y="30" tone="soft" />
  </g>
</template>
