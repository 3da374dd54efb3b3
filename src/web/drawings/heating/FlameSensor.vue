<script setup lang="ts">
import { Flame, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="30" y="70" width="60" height="60" />
    <Flame :x="60" :y="70" :h="40" />
    <rect class="blank" x="176" y="96" width="26" height="18" />
    <path class="ink" d="M176 105 H130 L96 58" />
    <circle class="blank" cx="220" cy="105" r="6" />
    <path class="hair" d="M202 105 H260" />
    <Say n="flame" :x="60" :y="154" at="middle" />
    <Say n="rod" :x="138" :y="52" tone="do" line="136 56 116 82" />
    <Say n="porcelain" :x="190" :y="138" at="middle" line="189 126 189 116" />
    <Say n="wire" :x="264" :y="108" />
    <Say n="wool" :x="150" :y="70" tone="do" />
    <path class="bad" d="M250 176 l14 -22 l14 22 l14 -22" />
    <Say n="igniter" :x="300" :y="170" tone="risk" />
    <Say n="never" :x="180" :y="206" tone="risk" at="middle" />
  </g>
</template>
