<script setup lang="ts">
import { Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M30 70 L140 16 L250 70 Z" />
    <rect class="blank" x="40" y="70" width="200" height="130" />
    <line class="thin ink" x1="40" y1="84" x2="240" y2="84" />
    <line class="thin ink" x1="40" y1="98" x2="240" y2="98" />
    <line class="thin ink" x1="40" y1="112" x2="240" y2="112" />
    <line class="thin ink" x1="40" y1="126" x2="240" y2="126" />
    <line class="thin ink" x1="40" y1="140" x2="240" y2="140" />
    <line class="thin ink" x1="40" y1="154" x2="240" y2="154" />
    <line class="thin ink" x1="40" y1="168" x2="240" y2="168" />
    <line class="thin ink" x1="40" y1="182" x2="240" y2="182" />
    <rect class="wash" x="104" y="92" width="50" height="50" />
    <path class="bad" d="M50 180 q16 -12 34 0 v18 h-34 Z" />
    <path class="bad" d="M180 112 h28 v14 h-28 Z" />
    <path class="stop" d="M100 146 H158" />
    <path class="bad" d="M222 70 h18 v20 h-18 Z" />
    <Num :n="1" :x="214" :y="86" tone="risk" />
    <Num :n="2" :x="194" :y="142" tone="risk" />
    <Num :n="3" :x="170" :y="160" tone="risk" />
    <Num :n="4" :x="98" :y="180" tone="risk" />
    <Say n="one" :x="256" :y="86" />
    <Say n="two" :x="256" :y="122" />
    <Say n="three" :x="256" :y="158" />
    <Say n="four" :x="256" :y="194" />
  </g>
</template>
