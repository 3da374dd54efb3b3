<script setup lang="ts">
import { Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="30" y="30" width="190" height="160" />
    <line class="thin ink" x1="30" y1="62" x2="220" y2="62" />
    <line class="thin ink" x1="30" y1="94" x2="220" y2="94" />
    <line class="thin ink" x1="30" y1="126" x2="220" y2="126" />
    <line class="thin ink" x1="30" y1="158" x2="220" y2="158" />
    <rect class="bad" x="80" y="180" width="80" height="12" />
    <rect class="act" x="24" y="164" width="8" height="12" />
    <rect class="act" x="218" y="164" width="8" height="12" />
    <path class="hair dash" d="M34 170 H216" />
    <rect class="wash" x="110" y="14" width="40" height="12" />
    <circle class="act" cx="30" cy="46" r="6" />
    <circle class="act" cx="220" cy="46" r="6" />
    <Num :n="1" :x="246" :y="166" />
    <Say n="eyes" :x="260" :y="170" tone="do" />
    <Num :n="2" :x="246" :y="192" tone="risk" />
    <Say n="wood" :x="260" :y="196" tone="risk" />
    <Num :n="3" :x="246" :y="48" />
    <Say n="oil" :x="260" :y="52" tone="do" />
    <Say n="spring" :x="240" :y="20" tone="risk" />
    <Say n="must" :x="125" :y="214" tone="do" at="middle" />
    <Say n="opener" :x="100" :y="22" at="end" />
  </g>
</template>
