<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="20" y="70" width="150" height="56" />
    <rect class="wash" x="190" y="70" width="150" height="56" />
    <rect class="blank" x="160" y="64" width="40" height="68" />
    <path class="go" d="M158 62 V134 M202 62 V134" />
    <path class="act" d="M150 60 h60 v12 h-60 Z" />
    <path class="act" d="M150 124 h60 v12 h-60 Z" />
    <Arrow path="100 56 100 34" tone="risk" />
    <Say n="leak" :x="100" :y="28" tone="risk" at="middle" />
    <Say n="mastic" :x="180" :y="52" tone="do" at="middle" line="180 56 180 66" />
    <Say n="duct" :x="60" :y="102" />
    <Say n="duct2" :x="250" :y="102" />
    <path class="warm thin" d="M20 168 h320 v26 h-320 Z" />
    <Say n="wrap" :x="180" :y="186" tone="part" at="middle" />
    <Say n="tape" :x="180" :y="216" tone="risk" at="middle" />
  </g>
</template>
