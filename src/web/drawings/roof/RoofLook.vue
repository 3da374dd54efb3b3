<script setup lang="ts">
import { Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M40 120 L180 40 L320 120 Z" />
    <rect class="blank" x="70" y="120" width="230" height="90" />
    <path class="bad" d="M120 90 h16 v-10 h-16 Z" />
    <path class="bad" d="M224 78 h20 v10 h-20 Z" />
    <rect class="blank" x="236" y="36" width="20" height="44" />
    <path class="stop" d="M232 76 L260 76" />
    <line class="bad" x1="66" y1="116" x2="150" y2="116" />
    <circle class="ink" cx="20" cy="196" r="7" />
    <path class="ink" d="M20 203 V222 M20 209 L34 202" />
    <path class="hair dash" d="M36 206 L66 190" />
    <Num :n="1" :x="104" :y="86" tone="risk" />
    <Num :n="2" :x="214" :y="94" tone="risk" />
    <Num :n="3" :x="272" :y="74" tone="risk" />
    <Num :n="4" :x="70" :y="136" tone="risk" />
    <Say n="look" :x="4" :y="160" tone="do" />
    <Say n="one" :x="190" :y="150" />
    <Say n="two" :x="190" :y="166" />
    <Say n="three" :x="190" :y="182" />
    <Say n="four" :x="190" :y="198" />
  </g>
</template>
