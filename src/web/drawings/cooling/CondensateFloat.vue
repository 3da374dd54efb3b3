<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="60" y="14" width="150" height="84" />
    <path class="ink" d="M82 74 L110 28 L138 74 L166 28 L190 74" />
    <rect class="water" x="60" y="80" width="150" height="18" />
    <path class="pipe" d="M210 90 H300" />

    <path class="ink" d="M30 132 V170 H250 V132" />
    <rect class="water flat" x="31" y="152" width="218" height="17" />
    <rect class="bad" x="196" y="134" width="20" height="24" />
    <line class="stop" x1="206" y1="134" x2="206" y2="112" />
    <path class="pipe" d="M250 162 H316 V186" />
    <Say n="coil" :x="226" :y="32" />
    <Say n="first" :x="306" :y="94" />
    <Say n="float" :x="224" :y="126" tone="risk" />
    <Say n="second" :x="136" :y="190" at="middle" />
    <Say n="pour" :x="44" :y="122" tone="do" />
    <Arrow path="56 126 56 148" tone="do" />
    <Say n="over" :x="318" :y="204" tone="air" at="middle" />
    <Say n="try" :x="136" :y="214" tone="do" at="middle" />
  </g>
</template>
