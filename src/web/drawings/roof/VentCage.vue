<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M10 200 L180 120 L350 200 Z" />
    <rect class="blank" x="160" y="60" width="40" height="86" />
    <path class="act" d="M156 60 Q180 6 204 60 Z" />
    <line class="go" x1="170" y1="36" x2="170" y2="60" />
    <line class="go" x1="180" y1="32" x2="180" y2="60" />
    <line class="go" x1="190" y1="36" x2="190" y2="60" />
    <path class="bad" d="M90 60 q10 -14 26 -4 l10 -4 l-6 10 q-6 14 -24 8 Z" />
    <Say n="cage" :x="218" :y="40" tone="do" />
    <Say n="pipe" :x="218" :y="96" />
    <Say n="bird" :x="96" :y="40" tone="risk" at="middle" />
    <Say n="roof" :x="180" :y="186" tone="soft" at="middle" />
    <Say n="open" :x="218" :y="56" tone="soft" />
  </g>
</template>
