<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="60" y="20" width="70" height="190" rx="6" />
    <rect class="blank" x="170" y="50" width="110" height="160" rx="4" />
    <rect class="water" x="174" y="140" width="102" height="66" />
    <path class="blank" d="M174 110 H276 V170 H174 Z" />
    <circle class="hair" cx="188" cy="126" r="4" />
    <circle class="hair" cx="207" cy="146" r="4" />
    <circle class="hair" cx="226" cy="126" r="4" />
    <circle class="hair" cx="245" cy="146" r="4" />
    <circle class="hair" cx="264" cy="126" r="4" />
    <path class="pipe" d="M130 36 H170" />
    <Say n="tank" :x="95" :y="116" at="middle" />
    <Say n="salt" :x="290" :y="130" />
    <Say n="brine" :x="225" :y="194" tone="air" at="middle" />
    <Arrow path="160 110 160 206" tone="do" both />
    <Say n="third" :x="290" :y="170" tone="do" />
    <Say n="lid" :x="225" :y="42" at="middle" />
    <Say n="bridge" :x="225" :y="226" tone="risk" at="middle" />
  </g>
</template>
