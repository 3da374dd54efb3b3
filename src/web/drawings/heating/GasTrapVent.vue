<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="200" y="60" width="110" height="130" />
    <path class="pipe" d="M20 70 H100 V150" />
    <path class="pipe" d="M100 110 H200" />
    <rect class="act" x="92" y="150" width="16" height="10" />
    <path class="go" d="M52 58 H76 M64 58 V70" />
    <path class="pipe" d="M256 60 V14" />
    <rect class="warm flat" x="94" y="140" width="12" height="9" />
    <Say n="gas" :x="14" :y="94" />
    <Say n="valve" :x="64" :y="50" tone="do" at="middle" />
    <Say n="leg" :x="100" :y="178" tone="do" at="middle" />
    <Say n="catch" :x="100" :y="194" tone="soft" at="middle" />
    <Say n="unit" :x="255" :y="130" at="middle" />
    <Say n="vent" :x="270" :y="30" />
    <Say n="slope" :x="270" :y="44" tone="soft" />
    <Say n="look" :x="180" :y="220" tone="risk" at="middle" />
  </g>
</template>
