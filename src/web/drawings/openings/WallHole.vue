<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="120" y="20" width="80" height="190" />
    <path class="pipe" d="M20 110 H340" />
    <path class="act" d="M112 96 Q120 90 120 84 H126 V136 H120 Q120 130 112 124 Z" />
    <path class="act" d="M208 96 Q200 90 200 84 H194 V136 H200 Q208 130 208 124 Z" />
    <rect class="warm flat" x="127" y="92" width="66" height="12" />
    <rect class="warm flat" x="127" y="117" width="66" height="12" />
    <Say n="in" :x="60" :y="60" tone="soft" at="middle" />
    <Say n="out" :x="270" :y="60" tone="soft" at="middle" />
    <Say n="bead" :x="224" :y="146" tone="do" line="220 142 206 124" />
    <Say n="foam" :x="160" :y="60" at="middle" />
    <Say n="slope" :x="270" :y="200" tone="air" at="middle" />
    <Say n="hot" :x="14" :y="170" tone="risk" />
  </g>
</template>
