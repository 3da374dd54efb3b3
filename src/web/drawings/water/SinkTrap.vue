<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M40 20 H200 V32 H186 Q182 70 120 70 Q58 70 54 32 H40 Z" />
    <path class="pipe" d="M120 72 V150 Q120 178 146 178 Q172 178 172 150 V130 H260" />
    <rect class="act" x="112" y="104" width="18" height="14" />
    <rect class="act" x="164" y="126" width="18" height="14" />
    <path class="blank" d="M84 196 H210 L200 224 H94 Z" />
    <Say n="nut" :x="92" :y="114" tone="do" at="end" />
    <Say n="nut2" :x="190" :y="116" tone="do" />
    <Say n="water" :x="206" :y="174" tone="air" line="202 170 152 172" />
    <Say n="wall" :x="266" :y="134" />
    <Say n="bucket" :x="148" :y="214" at="middle" />
    <Say n="hand" :x="14" :y="150" tone="do" />
    <Say n="full" :x="220" :y="204" tone="soft" />
  </g>
</template>
