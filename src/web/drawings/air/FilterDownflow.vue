<script setup lang="ts">
import { Arrow, Flame, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="130" y="28" width="100" height="180" />
    <line class="ink" x1="130" y1="92" x2="230" y2="92" />
    <line class="ink" x1="130" y1="150" x2="230" y2="150" />
    <circle class="blank" cx="180" cy="62" r="24" />
    <path class="ink" d="M156 62 A24 24 0 0 1 204 62 Z" />
    <Flame :x="154" :y="140" :h="26" />
    <Flame :x="180" :y="140" :h="26" />
    <Flame :x="206" :y="140" :h="26" />
    <path class="ink" d="M142 196 L161.0 162 L180.0 196 L199.0 162 L218 196" />
    <rect class="act" x="130" y="20" width="100" height="12" />
    <Arrow path="180 2 180 16" tone="risk" />
    <Arrow path="180 210 180 228" tone="risk" />
    <Say n="from" :x="188" :y="12" tone="risk" />
    <Say n="filter" :x="122" :y="30" tone="do" at="end" />
    <Say n="blower" :x="240" :y="66" />
    <Say n="burners" :x="240" :y="124" />
    <Say n="coil" :x="240" :y="182" />
    <Say n="down" :x="190" :y="226" tone="risk" />
  </g>
</template>
