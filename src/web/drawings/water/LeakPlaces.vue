<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="blank" x="20" y="30" width="150" height="90" />
    <path class="wash" d="M40 50 H100 V60 Q96 84 70 84 Q44 84 40 60 Z" />
    <path class="pipe" d="M70 84 V100 H90 V118" />
    <circle class="bad" cx="90" cy="114" r="7" />
    <rect class="blank" x="190" y="30" width="150" height="90" />
    <path class="wash" d="M230 50 h40 v20 h-40 Z" />
    <ellipse class="wash" cx="250" cy="86" rx="26" ry="14" />
    <circle class="bad" cx="250" cy="104" r="7" />
    <rect class="blank" x="20" y="134" width="150" height="76" />
    <rect class="wash" x="40" y="146" width="44" height="58" />
    <path class="ink" d="M84 160 q24 0 30 -16 M84 172 q34 0 44 -28" />
    <circle class="bad" cx="88" cy="166" r="7" />
    <rect class="blank" x="190" y="134" width="150" height="76" />
    <rect class="wash" x="210" y="146" width="40" height="58" />
    <rect class="act" x="260" y="188" width="30" height="14" />
    <circle class="bad" cx="254" cy="200" r="6" />
    <Say n="sink" :x="108" :y="46" />
    <Say n="toilet" :x="286" :y="60" />
    <Say n="hoses" :x="98" :y="200" />
    <Say n="heater" :x="262" :y="160" />
    <Say n="trap" :x="100" :y="104" tone="risk" />
    <Say n="base" :x="266" :y="112" tone="risk" />
    <Say n="bulge" :x="126" :y="176" tone="risk" />
    <Say n="pan" :x="296" :y="198" tone="do" />
  </g>
</template>
