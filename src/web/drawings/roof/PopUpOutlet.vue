<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <line class="ink" x1="10" y1="110" x2="110" y2="110" />
    <line class="ink" x1="190" y1="110" x2="350" y2="110" />
    <rect class="warm flat" x="10" y="111" width="340" height="110" />
    <path class="pipe" d="M20 180 H150 V130" />
    <path class="blank" d="M110 106 H190 V120 H110 Z" />
    <path class="act" d="M116 92 H184 L178 104 H122 Z" />
    <Arrow path="150 168 150 126" tone="air" />
    <circle class="bad" cx="140" cy="182" r="5" />
    <Say n="lid" :x="200" :y="90" tone="do" />
    <Say n="from" :x="24" :y="168" tone="soft" />
    <Say n="grass" :x="14" :y="100" tone="soft" />
    <Say n="hole" :x="190" :y="184" tone="do" line="188 180 152 186" />
    <Say n="stuck" :x="210" :y="60" tone="risk" />
    <Say n="lift" :x="14" :y="40" tone="do" />
  </g>
</template>
