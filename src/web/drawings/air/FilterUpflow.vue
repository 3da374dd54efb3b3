<script setup lang="ts">
import { Arrow, Flame, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="130" y="20" width="100" height="196" />
    <line class="ink" x1="130" y1="74" x2="230" y2="74" />
    <line class="ink" x1="130" y1="140" x2="230" y2="140" />
    <path class="ink" d="M142 64 L161.0 32 L180.0 64 L199.0 32 L218 64" />
    <Flame :x="152" :y="130" :h="26" />
    <Flame :x="180" :y="130" :h="26" />
    <Flame :x="208" :y="130" :h="26" />
    <circle class="blank" cx="180" cy="178" r="26" />
    <path class="ink" d="M154 178 A26 26 0 0 1 206 178 Z" />
    <path class="blank" d="M30 154 H118 V206 H30 Z" />
    <rect class="act" x="118" y="148" width="12" height="64" />
    <Arrow path="44 170 108 170" tone="risk" />
    <Arrow path="180 18 180 4" tone="risk" />
    <Say n="up" :x="190" :y="12" tone="risk" />
    <Say n="coil" :x="240" :y="52" />
    <Say n="burners" :x="240" :y="112" />
    <Say n="blower" :x="240" :y="182" />
    <Say n="duct" :x="32" :y="146" />
    <Say n="from" :x="34" :y="196" tone="risk" />
    <Say n="filter" :x="60" :y="226" tone="do" at="middle" line="100 222 122 204" />
  </g>
</template>
