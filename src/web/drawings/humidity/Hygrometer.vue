<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="blank" x="30" y="30" width="220" height="150" />
    <rect class="water" x="30" y="60" width="14" height="70" />
    <line class="ink" x1="30" y1="95" x2="44" y2="95" />
    <circle class="act" cx="150" cy="96" r="24" />
    <path class="go" d="M150 96 L162 82" />
    <rect class="bad" x="200" y="160" width="34" height="20" />
    <rect class="wash" x="90" y="150" width="40" height="30" />
    <Say n="meter" :x="150" :y="64" tone="do" at="middle" />
    <Say n="window" :x="50" :y="84" />
    <Say n="kitchen" :x="217" :y="200" tone="risk" at="middle" />
    <Say n="mid" :x="150" :y="142" tone="soft" at="middle" />
    <Say n="far" :x="264" :y="60" tone="do" />
    <Say n="not" :x="264" :y="120" tone="risk" />
  </g>
</template>
