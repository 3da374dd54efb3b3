<script setup lang="ts">
import { Arrow, Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="blank" x="20" y="88" width="114" height="50" />
    <rect class="wash" x="134" y="48" width="96" height="130" />
    <rect class="blank" x="230" y="88" width="110" height="50" />
    <rect class="act" x="116" y="88" width="12" height="50" />
    <path class="ink" d="M150 158 L166 70 L182 158 L198 70 L214 158" />
    <line class="stop" x1="74" y1="44" x2="74" y2="112" />
    <line class="stop" x1="268" y1="44" x2="268" y2="112" />
    <Num :n="1" :x="74" :y="32" tone="risk" />
    <Num :n="2" :x="268" :y="32" tone="risk" />
    <Arrow path="28 126 60 126" tone="air" />
    <Arrow path="290 126 332 126" tone="air" />
    <Say n="return" :x="70" :y="160" at="middle" />
    <Say n="supply" :x="290" :y="160" at="middle" />
    <Say n="coil" :x="182" :y="196" at="middle" />
    <Say n="filter" :x="122" :y="78" tone="do" at="end" />
    <Say n="cold" :x="292" :y="80" tone="air" />
  </g>
</template>
