<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="30" y="20" width="20" height="196" />
    <path class="pipe" d="M0 90 H84 V120" />
    <rect class="act" x="72" y="116" width="24" height="26" />
    <path class="pipe" d="M84 142 V168 H190" />
    <rect class="blank" x="190" y="118" width="86" height="84" rx="6" />
    <rect class="wash" x="200" y="104" width="66" height="16" />
    <circle class="blank" cx="206" cy="206" r="8" />
    <circle class="blank" cx="260" cy="206" r="8" />
    <Say n="inside" :x="8" :y="114" tone="soft" />
    <Say n="outlet" :x="104" :y="104" />
    <Say n="rag" :x="104" :y="132" tone="do" />
    <Say n="vac" :x="250" :y="96" at="middle" />
    <Say n="min" :x="300" :y="150" tone="do" />
    <Arrow path="110 182 180 182" tone="air" />
    <Say n="sludge" :x="146" :y="200" tone="air" at="middle" />
  </g>
</template>
