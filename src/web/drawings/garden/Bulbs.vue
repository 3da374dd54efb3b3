<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <line class="ink" x1="10" y1="70" x2="350" y2="70" />
    <rect class="warm flat" x="10" y="71" width="340" height="140" />
    <path class="act" d="M80 150 q-16 -6 0 -34 q16 28 0 34 Z" />
    <path class="act" d="M160 120 q-10 -4 0 -22 q10 18 0 22 Z" />
    <Arrow path="110 72 110 150" tone="do" both />
    <Arrow path="184 72 184 120" tone="do" both />
    <path class="wash" d="M250 70 v-34 q30 -30 60 0 v34 Z" />
    <path class="ink" d="M280 70 V44" />
    <Say n="deep" :x="60" :y="176" tone="do" />
    <Say n="small" :x="150" :y="144" />
    <Say n="tip" :x="60" :y="196" tone="soft" />
    <Say n="cover" :x="280" :y="96" at="middle" />
    <Say n="mulch" :x="280" :y="114" tone="soft" at="middle" />
    <Say n="pots" :x="180" :y="30" tone="soft" at="middle" />
    <Say n="in" :x="250" :y="150" />
  </g>
</template>
