<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <line class="ink" x1="10" y1="50" x2="350" y2="50" />
    <rect class="blank" x="50" y="70" width="180" height="110" />
    <rect class="water flat" x="51" y="102" width="178" height="44" />
    <rect class="warm" x="51" y="88" width="178" height="16" />
    <rect class="warm" x="51" y="146" width="178" height="33" />
    <path class="ink" d="M20 94 H70 V116" />
    <path class="ink" d="M260 98 H212 V124" />
    <rect class="wash" x="70" y="40" width="40" height="12" />
    <rect class="wash" x="180" y="40" width="40" height="12" />
    <path class="pipe" d="M250 98 H340" />
    <Arrow path="266 108 266 132" tone="air" />
    <Arrow path="294 108 294 132" tone="air" />
    <Arrow path="322 108 322 132" tone="air" />
    <Say n="house" :x="14" :y="30" tone="soft" />
    <Say n="scum" :x="140" :y="100" at="middle" />
    <Say n="clear" :x="140" :y="128" tone="air" at="middle" />
    <Say n="sludge" :x="140" :y="168" at="middle" />
    <Say n="lids" :x="145" :y="34" at="middle" />
    <Say n="field" :x="300" :y="156" tone="air" at="middle" />
    <Say n="third" :x="140" :y="204" tone="risk" at="middle" />
    <Say n="car" :x="300" :y="180" tone="risk" at="middle" />
    <Say n="wet" :x="300" :y="24" tone="risk" at="middle" />
  </g>
</template>
