<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="120" y="16" width="120" height="200" />
    <line class="ink" x1="120" y1="100" x2="240" y2="100" />
    <circle class="blank" cx="180" cy="160" r="36" />
    <path class="ink" d="M144 160 A36 36 0 0 1 216 160 Z" />
    <rect class="blank" x="136" y="66" width="22" height="26" />
    <rect class="blank" x="168" y="66" width="22" height="26" />
    <rect class="blank" x="200" y="66" width="22" height="26" />
    <rect class="act" x="120" y="200" width="120" height="10" />
    <path class="blank" d="M240 16 L270 30 V206 L240 216 Z" />
    <Arrow path="60 206 116 206" tone="do" />
    <Arrow path="60 150 140 150" tone="do" />
    <Arrow path="60 84 132 84" tone="do" />
    <Say n="burners" :x="8" :y="76" tone="do" />
    <Say n="blower" :x="8" :y="142" tone="do" />
    <Say n="floor" :x="8" :y="198" tone="do" />
    <Say n="switch" :x="180" :y="50" at="middle" />
    <Say n="door" :x="280" :y="120" />
    <Say n="power" :x="180" :y="34" tone="risk" at="middle" />
  </g>
</template>
