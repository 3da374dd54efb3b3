<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M20 150 L230 40 L230 150 Z" />
    <path class="blank" d="M20 138 L226 30 V14 L10 128 Z" />
    <path class="bad" d="M6 150 L20 120 L58 118 L50 138 L20 152 Z" />
    <path class="bad" d="M14 154 v34 l4 -34 M26 154 v24 l4 -24" />
    <path class="water flat" d="M58 118 L96 100 L100 112 L56 136 Z" />
    <rect class="wash" x="40" y="150" width="190" height="70" />
    <Arrow path="180 130 180 84" tone="risk" />
    <Say n="snow" :x="120" :y="34" tone="soft" />
    <Say n="dam" :x="46" :y="84" tone="risk" line="58 92 40 124" />
    <Say n="water" :x="130" :y="172" tone="air" line="128 166 84 116" />
    <Say n="heat" :x="246" :y="110" tone="risk" />
    <Say n="fix" :x="246" :y="60" tone="do" />
    <Say n="rake" :x="246" :y="170" tone="do" />
  </g>
</template>
