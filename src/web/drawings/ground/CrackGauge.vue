<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="20" y="20" width="200" height="190" />
    <path class="stop" d="M120 20 L112 60 L126 100 L110 150 L124 210" />
    <line class="go" x1="90" y1="96" x2="150" y2="96" />
    <line class="go" x1="90" y1="60" x2="140" y2="60" />
    <line class="go" x1="90" y1="150" x2="138" y2="150" />
    <rect class="blank" x="236" y="60" width="104" height="36" />
    <line class="thin ink" x1="246" y1="60" x2="246" y2="78" />
    <line class="thin ink" x1="258" y1="60" x2="258" y2="70" />
    <line class="thin ink" x1="270" y1="60" x2="270" y2="78" />
    <line class="thin ink" x1="282" y1="60" x2="282" y2="70" />
    <line class="thin ink" x1="294" y1="60" x2="294" y2="78" />
    <line class="thin ink" x1="306" y1="60" x2="306" y2="70" />
    <line class="thin ink" x1="318" y1="60" x2="318" y2="78" />
    <line class="thin ink" x1="330" y1="60" x2="330" y2="70" />
    <Say n="marks" :x="30" :y="56" tone="do" />
    <Say n="date" :x="30" :y="146" tone="soft" />
    <Say n="widest" :x="30" :y="92" tone="do" />
    <Say n="card" :x="236" :y="114" />
    <Say n="same" :x="236" :y="146" tone="do" />
    <Say n="stair" :x="236" :y="186" tone="risk" />
  </g>
</template>
