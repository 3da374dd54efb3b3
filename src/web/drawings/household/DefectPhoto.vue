<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="40" y="40" width="160" height="150" />
    <path class="stop" d="M90 60 L104 100 L92 140 L110 180" />
    <rect class="act" x="116" y="110" width="60" height="10" />
    <line class="thin ink" x1="122" y1="110" x2="122" y2="116" />
    <line class="thin ink" x1="130" y1="110" x2="130" y2="116" />
    <line class="thin ink" x1="138" y1="110" x2="138" y2="116" />
    <line class="thin ink" x1="146" y1="110" x2="146" y2="116" />
    <line class="thin ink" x1="154" y1="110" x2="154" y2="116" />
    <line class="thin ink" x1="162" y1="110" x2="162" y2="116" />
    <line class="thin ink" x1="170" y1="110" x2="170" y2="116" />
    <rect class="blank" x="230" y="70" width="80" height="56" rx="6" />
    <circle class="blank" cx="262" cy="98" r="16" />
    <rect class="wash" x="240" y="62" width="18" height="8" />
    <Say n="ruler" :x="146" :y="104" tone="do" at="middle" />
    <Say n="photo" :x="270" :y="150" at="middle" />
    <Say n="near" :x="270" :y="166" tone="soft" at="middle" />
    <Say n="date" :x="120" :y="214" tone="do" at="middle" />
    <Say n="crack" :x="60" :y="80" tone="risk" />
  </g>
</template>
