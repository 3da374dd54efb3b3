<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="90" y="100" width="110" height="110" rx="8" />
    <path class="ink" d="M145 100 m-8 0 v-12 m16 12 v-12" />
    <path class="wash" d="M120 72 H170 L160 58 H130 Z" />
    <line class="ink" x1="124" y1="72" x2="124" y2="88" />
    <line class="ink" x1="166" y1="72" x2="166" y2="88" />
    <path class="ink" d="M138 58 V10 M152 58 V10" />
    <Arrow path="145 96 145 24" tone="air" />
    <rect class="act" x="74" y="110" width="12" height="96" />
    <rect class="act" x="204" y="110" width="12" height="96" />
    <Say n="hood" :x="182" :y="68" tone="do" />
    <Say n="centre" :x="182" :y="82" tone="do" />
    <Say n="flue" :x="166" :y="24" />
    <Say n="match" :x="14" :y="70" tone="risk" />
    <Arrow path="66 92 112 84" tone="risk" />
    <Say n="blanket" :x="240" :y="150" tone="do" />
    <Say n="keep" :x="240" :y="178" tone="risk" />
    <Say n="heater" :x="145" :y="160" at="middle" />
  </g>
</template>
