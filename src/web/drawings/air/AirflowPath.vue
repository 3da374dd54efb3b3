<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="blank" x="20" y="30" width="320" height="116" />
    <line class="ink" x1="130" y1="30" x2="130" y2="146" />
    <line class="ink" x1="236" y1="30" x2="236" y2="146" />
    <rect class="wash" x="142" y="158" width="80" height="62" />
    <circle class="blank" cx="182" cy="200" r="14" />
    <path class="pipe" d="M142 190 H60 V146" />
    <path class="pipe" d="M222 190 H300 V146" />
    <rect class="act" x="44" y="140" width="32" height="8" />
    <rect class="act" x="284" y="140" width="32" height="8" />
    <rect class="bad" x="256" y="104" width="56" height="32" />
    <Arrow path="292 96 292 52" tone="air" />
    <Arrow path="60 60 60 134" tone="air" />
    <Say n="return" :x="60" :y="50" tone="air" at="middle" />
    <Say n="supply" :x="292" :y="46" tone="air" at="middle" />
    <Say n="sofa" :x="284" :y="124" tone="risk" at="middle" />
    <Say n="filter" :x="100" :y="222" tone="do" at="middle" line="100 210 112 192" />
    <Say n="unit" :x="182" :y="176" at="middle" />
    <Say n="door" :x="184" :y="90" at="middle" />
  </g>
</template>
