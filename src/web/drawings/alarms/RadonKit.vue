<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="blank" x="40" y="20" width="280" height="90" />
    <rect class="warm" x="40" y="110" width="280" height="90" />
    <rect class="blank" x="70" y="120" width="220" height="70" />
    <path class="act" d="M160 168 h40 v8 h-40 Z" />
    <path class="ink" d="M150 190 V176 H210 V190" />
    <Arrow path="60 210 60 196" tone="risk" />
    <Arrow path="300 210 300 196" tone="risk" />
    <Say n="ground" :x="180" :y="216" tone="risk" at="middle" />
    <Say n="lived" :x="180" :y="66" tone="soft" at="middle" />
    <Say n="low" :x="180" :y="136" at="middle" />
    <Say n="kit" :x="216" :y="172" tone="do" />
    <Say n="high" :x="84" :y="172" tone="do" />
    <Say n="shut" :x="180" :y="40" at="middle" />
  </g>
</template>
