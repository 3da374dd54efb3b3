<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="blank" x="30" y="30" width="130" height="176" />
    <rect class="wash" x="60" y="80" width="70" height="50" rx="6" />
    <circle class="act" cx="78" cy="112" r="8" />
    <path class="ink" d="M96 94 h24 v12 h-24 Z" />

    <line class="hair" x1="190" y1="110" x2="340" y2="110" />
    <Say n="test" :x="78" :y="152" tone="do" at="middle" line="78 140 78 122" />
    <Say n="display" :x="108" :y="70" at="middle" />
    <Say n="wall" :x="95" :y="48" tone="soft" at="middle" />
    <Say n="zero" :x="200" :y="50" />
    <Say n="some" :x="200" :y="86" />
    <Say n="alarm" :x="200" :y="134" tone="risk" />
    <Say n="out" :x="200" :y="176" tone="risk" />
    <Say n="ends" :x="200" :y="220" tone="soft" />
  </g>
</template>
