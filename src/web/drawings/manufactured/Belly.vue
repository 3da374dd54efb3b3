<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="30" y="20" width="300" height="60" />
    <rect class="warm" x="30" y="80" width="300" height="24" />
    <path class="ink" d="M30 104 H330" />
    <path class="bad" d="M150 104 q16 34 34 0" />
    <rect class="act" x="214" y="98" width="44" height="12" />
    <path class="pipe" d="M70 92 H290" />
    <rect class="blank" x="60" y="110" width="18" height="80" />
    <rect class="blank" x="170" y="110" width="18" height="80" />
    <rect class="blank" x="280" y="110" width="18" height="80" />
    <line class="ink" x1="10" y1="190" x2="350" y2="190" />
    <rect class="act" x="18" y="110" width="10" height="80" />
    <rect class="act" x="332" y="110" width="10" height="80" />

    <Say n="home" :x="180" :y="56" tone="soft" at="middle" />
    <Say n="tear" :x="104" :y="158" tone="risk" />
    <Say n="patch" :x="236" :y="132" tone="do" at="middle" />
    <Say n="skirt" :x="24" :y="212" tone="do" />
    <Say n="vent" :x="280" :y="212" tone="soft" at="middle" />
    <Say n="pipe" :x="100" :y="130" tone="air" at="middle" />
  </g>
</template>
