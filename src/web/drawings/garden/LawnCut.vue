<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <line class="ink" x1="10" y1="200" x2="350" y2="200" />
    <path class="go" d="M30 200 q2 -30 -4 -46" />
    <path class="go" d="M42 200 q2 -30 -4 -52" />
    <path class="go" d="M54 200 q2 -30 -4 -58" />
    <path class="go" d="M66 200 q2 -30 -4 -46" />
    <path class="go" d="M78 200 q2 -30 -4 -52" />
    <path class="go" d="M90 200 q2 -30 -4 -58" />
    <path class="go" d="M102 200 q2 -30 -4 -46" />
    <path class="go" d="M114 200 q2 -30 -4 -52" />
    <path class="go" d="M240 200 q2 -12 -2 -20" />
    <path class="go" d="M252 200 q2 -12 -2 -20" />
    <path class="go" d="M264 200 q2 -12 -2 -20" />
    <path class="go" d="M276 200 q2 -12 -2 -20" />
    <path class="go" d="M288 200 q2 -12 -2 -20" />
    <path class="go" d="M300 200 q2 -12 -2 -20" />
    <path class="go" d="M312 200 q2 -12 -2 -20" />
    <path class="go" d="M324 200 q2 -12 -2 -20" />
    <path class="wash" d="M140 150 H210 L220 190 H130 Z" />
    <circle class="blank" cx="146" cy="192" r="8" />
    <circle class="blank" cx="206" cy="192" r="8" />
    <path class="ink" d="M208 150 L240 90" />
    <Arrow path="12 150 12 199" tone="do" both />
    <Arrow path="350 180 350 199" tone="do" both />
    <Say n="before" :x="24" :y="140" tone="do" />
    <Say n="after" :x="270" :y="170" tone="do" />
    <Say n="last" :x="150" :y="40" tone="do" />
    <Say n="leaves" :x="150" :y="56" />
    <Say n="seed" :x="150" :y="72" tone="soft" />
    <Say n="third" :x="60" :y="222" tone="soft" />
  </g>
</template>
