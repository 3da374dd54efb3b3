<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="30" y="10" width="60" height="150" />
    <rect class="blank" x="30" y="150" width="80" height="70" />
    <path class="warm" d="M110 130 L350 170 V222 H110 Z" />
    <path class="bad" d="M110 130 L170 140 Q140 168 110 160 Z" />
    <Arrow path="190 116 300 136" tone="air" />
    <line class="go" x1="110" y1="112" x2="300" y2="112" />
    <Arrow path="300 112 300 158" tone="do" both />
    <Say n="wall" :x="60" :y="90" tone="soft" at="middle" />
    <Say n="dip" :x="240" :y="190" tone="risk" at="middle" />
    <Say n="fall" :x="206" :y="104" tone="do" at="middle" />
    <Say n="level" :x="206" :y="90" tone="soft" at="middle" />
    <Say n="clay" :x="240" :y="206" tone="do" at="middle" />
    <Say n="siding" :x="100" :y="60" />
  </g>
</template>
