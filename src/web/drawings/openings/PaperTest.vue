<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="130" y="10" width="70" height="140" />
    <rect class="blank" x="124" y="150" width="82" height="8" />
    <path class="wash" d="M100 176 L112 160 H218 L230 176 Z" />
    <rect class="warm" x="50" y="176" width="240" height="30" />
    <line class="go" x1="40" y1="160" x2="290" y2="152" />
    <Arrow path="70 140 34 130" tone="do" />
    <circle class="bad" cx="140" cy="168" r="5" />
    <circle class="bad" cx="190" cy="168" r="5" />
    <Say n="drag" :x="20" :y="112" tone="do" />
    <Say n="door" :x="165" :y="80" tone="soft" at="middle" />
    <Say n="sweep" :x="250" :y="130" line="246 132 206 154" />
    <Say n="threshold" :x="62" :y="196" />
    <Say n="loose" :x="180" :y="222" tone="risk" at="middle" />
    <Say n="screws" :x="296" :y="192" tone="risk" />
  </g>
</template>
