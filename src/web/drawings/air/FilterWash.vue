<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="140" y="60" width="90" height="110" />
    <line class="thin ink" x1="140" y1="71" x2="230" y2="71" />
    <line class="thin ink" x1="140" y1="82" x2="230" y2="82" />
    <line class="thin ink" x1="140" y1="93" x2="230" y2="93" />
    <line class="thin ink" x1="140" y1="104" x2="230" y2="104" />
    <line class="thin ink" x1="140" y1="115" x2="230" y2="115" />
    <line class="thin ink" x1="140" y1="126" x2="230" y2="126" />
    <line class="thin ink" x1="140" y1="137" x2="230" y2="137" />
    <line class="thin ink" x1="140" y1="148" x2="230" y2="148" />
    <line class="thin ink" x1="140" y1="159" x2="230" y2="159" />
    <path class="go" d="M134 54 H236 V176 H134 Z" />
    <Arrow path="300 90 240 90" tone="air" />
    <Arrow path="300 115 240 115" tone="air" />
    <Arrow path="300 140 240 140" tone="air" />
    <Arrow path="128 90 84 90" tone="risk" />
    <Arrow path="128 115 84 115" tone="risk" />
    <Arrow path="128 140 84 140" tone="risk" />
    <Say n="clean" :x="296" :y="62" tone="air" at="middle" />
    <Say n="dirt" :x="76" :y="62" tone="risk" at="middle" />
    <Say n="frame" :x="185" :y="44" at="middle" />
    <Say n="dry" :x="185" :y="200" tone="do" at="middle" />
  </g>
</template>
