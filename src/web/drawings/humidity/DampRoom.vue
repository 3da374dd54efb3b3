<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="blank" x="40" y="40" width="280" height="150" />
    <rect class="water" x="40" y="40" width="12" height="150" />
    <rect class="warm" x="64" y="90" width="60" height="100" />
    <path class="bad" d="M52 40 h44 l-44 40 Z" />
    <path class="bad" d="M52 130 h10 v60 h-10 Z" />
    <rect class="water" x="200" y="40" width="70" height="10" />
    <Arrow path="300 150 300 80" tone="air" />
    <Arrow path="126 130 170 130" tone="do" />
    <Say n="corner" :x="104" :y="58" tone="risk" />
    <Say n="outside" :x="16" :y="28" tone="soft" />
    <Say n="wardrobe" :x="94" :y="146" at="middle" />
    <Say n="behind" :x="62" :y="212" tone="risk" at="middle" />
    <Say n="gap" :x="132" :y="122" tone="do" />
    <Say n="window" :x="235" :y="30" tone="air" at="middle" />
    <Say n="airing" :x="290" :y="150" tone="air" at="end" />
  </g>
</template>
