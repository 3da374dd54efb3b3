<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="30" y="60" width="130" height="60" />
    <rect class="wash" x="200" y="60" width="130" height="60" />
    <line class="go" x1="60" y1="90" x2="130" y2="90" />
    <line class="stop" x1="265" y1="64" x2="265" y2="116" />
    <circle class="blank" cx="95" cy="90" r="4" />
    <circle class="blank" cx="265" cy="90" r="4" />
    <line class="go" x1="72" y1="46" x2="118" y2="46" />
    <circle class="act" cx="95" cy="46" r="5" />
    <line class="stop" x1="265" y1="22" x2="265" y2="56" />
    <circle class="bad" cx="265" cy="40" r="5" />
    <Arrow path="34 104 60 104" tone="air" />
    <Arrow path="130 104 156 104" tone="air" />
    <Say n="open" :x="95" :y="146" tone="do" at="middle" />
    <Say n="shut" :x="265" :y="146" tone="risk" at="middle" />
    <Say n="along" :x="95" :y="162" at="middle" />
    <Say n="across" :x="265" :y="162" at="middle" />
    <Say n="mark" :x="180" :y="206" tone="soft" at="middle" />
  </g>
</template>
