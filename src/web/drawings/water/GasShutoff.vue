<script setup lang="ts">
import { Flame, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="pipe" d="M20 70 H160" />
    <circle class="blank" cx="90" cy="70" r="14" />
    <line class="go" x1="66" y1="70" x2="114" y2="70" />
    <path class="pipe" d="M200 70 H340" />
    <circle class="blank" cx="270" cy="70" r="14" />
    <line class="stop" x1="270" y1="44" x2="270" y2="96" />
    <rect class="wash" x="60" y="130" width="70" height="70" />
    <Flame :x="82" :y="184" :h="18" />
    <Flame :x="106" :y="184" :h="18" />
    <path class="pipe" d="M180 180 H134" />
    <circle class="blank" cx="160" cy="180" r="9" />
    <Say n="open" :x="90" :y="112" tone="do" at="middle" />
    <Say n="shut" :x="270" :y="116" tone="risk" at="middle" />
    <Say n="each" :x="190" :y="160" />
    <Say n="appliance" :x="95" :y="220" tone="soft" at="middle" />
    <Say n="never" :x="262" :y="196" tone="risk" at="middle" />
  </g>
</template>
