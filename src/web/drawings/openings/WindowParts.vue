<script setup lang="ts">
import { Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="80" y="14" width="180" height="200" />
    <rect class="blank" x="98" y="32" width="144" height="80" />
    <rect class="blank" x="98" y="116" width="144" height="80" />
    <line class="act" x1="98" y1="114" x2="242" y2="114" />
    <path class="bad" d="M98 32 h14 l-14 14 Z" />
    <rect class="bad" x="156" y="108" width="28" height="10" />
    <line class="stop" x1="98" y1="198" x2="242" y2="198" />
    <circle class="bad" cx="150" cy="204" r="2" />
    <circle class="bad" cx="190" cy="204" r="2" />
    <Num :n="1" :x="130" :y="54" tone="risk" />
    <Num :n="2" :x="170" :y="92" tone="risk" />
    <Num :n="3" :x="220" :y="182" tone="risk" />
    <Num :n="4" :x="170" :y="180" tone="risk" />
    <Say n="one" :x="272" :y="50" />
    <Say n="two" :x="272" :y="96" />
    <Say n="three" :x="272" :y="142" />
    <Say n="four" :x="272" :y="178" />
    <Say n="wash" :x="6" :y="110" tone="do" />
  </g>
</template>
