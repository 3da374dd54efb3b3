<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <circle class="blank" cx="90" cy="84" r="46" />
    <path class="wash" d="M72 126 H108 V150 H72 Z" />
    <path class="ink" d="M72 134 H108 M72 142 H108" />
    <rect class="blank" x="180" y="30" width="160" height="150" />
    <line class="hair" x1="180" y1="70" x2="340" y2="70" />
    <line class="hair" x1="180" y1="110" x2="340" y2="110" />
    <line class="hair" x1="180" y1="146" x2="340" y2="146" />
    <Say n="bulb" :x="90" :y="88" at="middle" />
    <Say n="base" :x="90" :y="170" tone="soft" at="middle" />
    <Say n="lumen" :x="190" :y="54" tone="do" />
    <Say n="watt" :x="190" :y="94" />
    <Say n="kelvin" :x="190" :y="132" />
    <Say n="dim" :x="190" :y="168" />
    <Say n="same" :x="180" :y="206" tone="soft" at="middle" />
  </g>
</template>
