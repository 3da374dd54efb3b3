<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="blank" x="60" y="40" width="140" height="170" />
    <rect class="water flat" x="61" y="70" width="138" height="90" />
    <rect class="warm" x="61" y="56" width="138" height="16" />
    <rect class="warm" x="61" y="160" width="138" height="49" />
    <line class="go" x1="130" y1="10" x2="130" y2="206" />
    <path class="warm" d="M126 160 H134 V206 H126 Z" />
    <line class="go" x1="110" y1="66" x2="126" y2="66" />
    <path class="go" d="M110 66 V76" />
    <line class="ink" x1="220" y1="10" x2="220" y2="200" />
    <path class="warm" d="M216 152 H224 V200 H216 Z" />
    <Say n="scum" :x="14" :y="68" />
    <Say n="clear" :x="66" :y="104" tone="air" />
    <Say n="sludge" :x="66" :y="190" />
    <Say n="stick" :x="120" :y="20" tone="do" at="end" />
    <Say n="stain" :x="236" :y="180" tone="do" line="232 176 224 176" />
    <Say n="read" :x="236" :y="194" tone="soft" />
    <Say n="hook" :x="236" :y="60" tone="do" />
    <Say n="never" :x="236" :y="110" tone="risk" />
  </g>
</template>
