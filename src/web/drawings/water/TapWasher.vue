<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="120" y="170" width="110" height="40" />
    <rect class="blank" x="150" y="110" width="50" height="60" />
    <rect class="wash" x="156" y="60" width="38" height="50" />
    <path class="ink" d="M175 60 V34 M150 34 H200" />
    <rect class="act" x="160" y="146" width="30" height="10" />
    <path class="stop" d="M160 170 H190" />
    <rect class="blank" x="140" y="92" width="70" height="18" />
    <Say n="handle" :x="210" :y="38" />
    <Say n="nut" :x="220" :y="106" tone="do" />
    <Say n="stem" :x="210" :y="80" />
    <Say n="washer" :x="220" :y="156" tone="do" line="216 152 192 151" />
    <Say n="seat" :x="244" :y="184" tone="risk" line="240 180 192 170" />
    <Say n="off" :x="14" :y="60" tone="risk" />
    <Say n="old" :x="14" :y="140" />
    <Say n="body" :x="175" :y="196" tone="soft" at="middle" />
  </g>
</template>
