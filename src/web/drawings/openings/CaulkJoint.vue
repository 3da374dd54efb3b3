<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="40" y="110" width="130" height="90" />
    <rect class="wash" x="190" y="60" width="130" height="140" />
    <path class="act" d="M170 110 Q176 96 190 92 V118 Q178 124 170 130 Z" />
    <circle class="warm" cx="180" cy="150" r="10" />
    <path class="ink" d="M110 40 L160 82 L150 94 L100 52 Z" />
    <path class="ink" d="M160 82 L174 98" />

    <Say n="caulk" :x="200" :y="46" tone="do" line="210 50 182 108" />
    <Say n="rod" :x="214" :y="154" line="210 150 188 150" />
    <Say n="two" :x="40" :y="84" tone="do" />
    <Say n="sides" :x="40" :y="98" tone="soft" />
    <Say n="gun" :x="40" :y="30" />
    <Say n="old" :x="180" :y="220" tone="risk" at="middle" />
    <Say n="half" :x="230" :y="190" tone="soft" />
  </g>
</template>
