<script setup lang="ts">
import { Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M60 90 L180 20 L300 90 Z" />
    <rect class="blank" x="70" y="90" width="220" height="110" />
    <rect class="wash" x="92" y="116" width="40" height="44" />
    <rect class="wash" x="200" y="130" width="40" height="70" />
    <rect class="wash" x="150" y="90" width="26" height="8" />
    <circle class="bad" cx="112" cy="160" r="6" />
    <circle class="bad" cx="200" cy="190" r="6" />
    <circle class="bad" cx="163" cy="92" r="6" />
    <circle class="bad" cx="276" cy="180" r="6" />
    <circle class="bad" cx="276" cy="120" r="6" />
    <path class="ink" d="M30 180 q-6 -20 4 -34" />
    <circle class="bad" cx="31" cy="142" r="3" />
    <Num :n="1" :x="112" :y="178" tone="risk" />
    <Num :n="2" :x="184" :y="178" tone="risk" />
    <Num :n="3" :x="163" :y="72" tone="risk" />
    <Num :n="4" :x="258" :y="180" tone="risk" />
    <Num :n="5" :x="258" :y="120" tone="risk" />
    <Say n="list" :x="20" :y="222" />
    <Say n="smoke" :x="8" :y="60" tone="do" />
    <Say n="wind" :x="306" :y="60" tone="air" />
  </g>
</template>
