<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <line class="ink" x1="10" y1="40" x2="350" y2="40" />
    <line class="ink" x1="10" y1="52" x2="350" y2="52" />
    <rect class="wash" x="110" y="52" width="140" height="44" />
    <line class="act" x1="120" y1="96" x2="240" y2="96" />
    <path class="blank" d="M110 96 L132 150 H272 L250 96 Z" />
    <rect class="act" x="150" y="58" width="26" height="32" />
    <rect class="act" x="188" y="58" width="26" height="32" />
    <path class="ink" d="M70 214 L92 110 M104 214 L92 110 M76 184 H100 M82 150 H97" />
    <Say n="ceiling" :x="20" :y="30" tone="soft" />
    <Say n="filters" :x="262" :y="76" tone="do" />
    <Say n="cover" :x="200" :y="136" at="middle" />
    <Say n="step" :x="112" :y="200" tone="soft" />
    <Say n="clip" :x="284" :y="116" tone="do" />
    <Say n="off" :x="200" :y="176" tone="risk" at="middle" />
    <Say n="note" :x="232" :y="212" tone="soft" at="middle" />
  </g>
</template>
