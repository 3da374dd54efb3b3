<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="120" y="16" width="110" height="110" />
    <Say n="unit" :x="175" :y="74" at="middle" />
    <path class="pipe" d="M146 126 V160" />
    <path class="pipe" d="M204 126 V160" />
    <circle class="bad" cx="146" cy="146" r="8" />
    <circle class="bad" cx="204" cy="146" r="8" />
    <rect class="water" x="60" y="180" width="60" height="40" />
    <path class="ink" d="M52 172 H128 L120 222 H60 Z" />
    <Arrow path="196 160 250 160 250 206 124 206" tone="do" />
    <Arrow path="84 170 84 140 134 140" tone="do" />
    <rect class="act" x="74" y="196" width="20" height="18" />
    <Say n="cold" :x="146" :y="176" tone="air" at="middle" />
    <Say n="hot" :x="212" :y="176" tone="risk" />
    <Say n="pump" :x="46" :y="160" tone="do" at="middle" />
    <Say n="bucket" :x="50" :y="204" at="end" />
    <Say n="back" :x="262" :y="190" tone="do" />
    <Say n="valves" :x="232" :y="148" tone="risk" />
    <Say n="time" :x="262" :y="40" tone="do" />
  </g>
</template>
