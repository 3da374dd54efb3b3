<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="150" y="20" width="24" height="180" />
    <path class="pipe" d="M40 90 H150" />
    <path class="pipe" d="M174 90 H240" />
    <path class="pipe" d="M240 60 V130" />
    <Arrow path="330 70 262 84" tone="air" />
    <Arrow path="240 140 240 186" tone="air" />
    <rect class="wash" x="14" y="60" width="70" height="80" />
    <rect class="water" x="16" y="96" width="66" height="42" />
    <Say n="tank" :x="49" :y="52" at="middle" />
    <Say n="wind" :x="280" :y="60" tone="air" />
    <Say n="tee" :x="262" :y="122" tone="do" />
    <Say n="out" :x="252" :y="180" tone="air" />
    <Say n="wall" :x="162" :y="216" tone="soft" at="middle" />
    <Say n="why" :x="268" :y="204" tone="soft" />
  </g>
</template>
