<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M30 70 L180 10 L330 70 Z" />
    <path class="stop" d="M222 33 L196 54" />
    <rect class="blank" x="40" y="70" width="280" height="100" />
    <ellipse class="warm" cx="150" cy="76" rx="44" ry="12" />
    <path class="stop" d="M106 70 q44 16 88 0" />
    <Arrow path="262 20 222 30" tone="risk" />
    <rect class="blank" x="250" y="110" width="50" height="60" />
    <Say n="under" :x="180" :y="44" tone="soft" at="middle" />
    <Say n="stain" :x="150" :y="110" at="middle" />
    <Say n="draw" :x="54" :y="136" tone="do" />
    <Say n="next" :x="54" :y="152" tone="do" />
    <Say n="drip" :x="266" :y="24" tone="risk" />
    <Say n="bulge" :x="180" :y="196" tone="risk" at="middle" />
    <Say n="room" :x="276" :y="144" tone="soft" at="middle" />
  </g>
</template>
