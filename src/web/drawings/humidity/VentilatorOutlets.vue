<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="120" y="20" width="30" height="196" />
    <line class="ink" x1="10" y1="206" x2="350" y2="206" />
    <path class="blank" d="M150 60 h30 l-8 22 h-22 Z" />
    <path class="blank" d="M150 130 h30 l-8 22 h-22 Z" />
    <Arrow path="186 80 226 92" tone="risk" />
    <Arrow path="226 160 186 146" tone="air" />
    <Arrow path="260 86 260 132" tone="do" both />
    <path class="bad" d="M300 206 v-44 h40 v44 Z" />
    <Say n="out" :x="192" :y="62" tone="risk" />
    <Say n="in" :x="192" :y="178" tone="air" />
    <Say n="apart" :x="268" :y="112" tone="do" />
    <Say n="car" :x="320" :y="154" tone="risk" at="middle" />
    <Arrow path="100 152 100 200" tone="do" both />
    <Say n="high" :x="92" :y="180" tone="do" at="end" />
    <Say n="screen" :x="14" :y="60" />
  </g>
</template>
