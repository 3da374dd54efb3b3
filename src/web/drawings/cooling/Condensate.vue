<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="24" y="30" width="120" height="92" />
    <path class="ink" d="M40 96 L62 46 L84 96 L106 46 L128 96" />
    <rect class="water" x="24" y="104" width="120" height="18" />
    <path class="pipe" d="M144 114 H214 V140 H236 V114 H316" />
    <path class="pipe" d="M200 114 V78" />
    <path class="act" d="M192 76 l8 -14 l8 14 Z" />
    <Arrow path="322 122 322 150" tone="air" />
    <Say n="coil" :x="84" :y="22" at="middle" />
    <Say n="pan" :x="84" :y="140" at="middle" />
    <Say n="funnel" :x="212" :y="60" tone="do" />
    <Say n="never" :x="212" :y="76" tone="risk" />
    <Say n="trap" :x="225" :y="172" at="middle" line="225 160 225 144" />
    <Say n="drip" :x="318" :y="166" tone="air" at="middle" />
    <Say n="full" :x="225" :y="188" tone="soft" at="middle" />
  </g>
</template>
