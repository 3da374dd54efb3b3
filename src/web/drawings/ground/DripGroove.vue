<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="120" y="10" width="50" height="90" />
    <path class="wash" d="M120 100 H230 V126 H206 Q202 118 198 126 H120 Z" />
    <rect class="blank" x="120" y="126" width="50" height="94" />
    <Arrow path="238 106 238 150" tone="air" />
    <path class="ink" d="M10 40 H40 Q60 40 66 70 Q72 100 96 60 L120 46" />
    <Say n="sill" :x="246" :y="96" />
    <Say n="groove" :x="226" :y="172" tone="do" line="222 168 203 128" />
    <Say n="keep" :x="226" :y="188" tone="soft" />
    <Say n="loop" :x="14" :y="124" tone="do" line="40 112 72 92" />
    <Say n="loop2" :x="14" :y="140" tone="soft" />
    <Say n="window" :x="145" :y="60" tone="soft" at="middle" />
    <Say n="water" :x="246" :y="124" tone="air" />
  </g>
</template>
