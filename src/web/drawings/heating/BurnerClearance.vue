<script setup lang="ts">
import { Arrow, Flame, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <line class="ink" x1="10" y1="196" x2="350" y2="196" />
    <rect class="wash" x="140" y="70" width="70" height="126" />
    <rect class="bad" x="152" y="160" width="46" height="22" />
    <Flame :x="165" :y="180" :h="16" />
    <Flame :x="185" :y="180" :h="16" />
    <path class="ink" d="M168 70 V20 H182 V70" />
    <path class="hair dash" d="M68 196 V40 H282 V196" />
    <Arrow path="72 136 136 136" tone="do" both />
    <Arrow path="214 136 278 136" tone="do" both />
    <Say n="three" :x="104" :y="126" tone="do" at="middle" />
    <Say n="three2" :x="246" :y="126" tone="do" at="middle" />
    <rect class="bad" x="296" y="150" width="40" height="46" />
    <Say n="paint" :x="316" :y="142" tone="risk" at="middle" />
    <path class="bad" d="M18 196 l10 -34 h20 l10 34 Z" />
    <Say n="box" :x="38" :y="154" tone="risk" at="middle" />
    <Say n="vent" :x="190" :y="34" />
    <Say n="keep" :x="180" :y="216" at="middle" />
  </g>
</template>
