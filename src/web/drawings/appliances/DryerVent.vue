<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="20" y="120" width="80" height="90" />
    <circle class="blank" cx="60" cy="164" r="24" />
    <path class="pipe" d="M100 150 H140 V60 H280" />
    <rect class="wash" x="280" y="20" width="20" height="150" />
    <path class="blank" d="M300 50 h34 l-10 26 h-24 Z" />
    <rect class="act" x="36" y="122" width="48" height="8" />
    <path class="bad" d="M136 140 h8 v-50 h-8 Z" />
    <Arrow path="336 64 354 72" tone="air" />
    <Say n="screen" :x="60" :y="112" tone="do" at="middle" />
    <Say n="lint" :x="154" :y="110" tone="risk" />
    <Say n="hood" :x="330" :y="100" tone="do" at="middle" />
    <Say n="flap" :x="330" :y="114" tone="soft" at="middle" />
    <Say n="brush" :x="210" :y="48" tone="do" at="middle" />
    <Say n="pipe" :x="154" :y="150" />
    <Say n="never" :x="210" :y="200" tone="risk" at="middle" />
    <Say n="dryer" :x="4" :y="226" tone="soft" />
  </g>
</template>
