<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <line class="ink" x1="10" y1="80" x2="350" y2="80" />
    <rect class="blank" x="150" y="30" width="40" height="150" />
    <rect class="wash" x="142" y="20" width="56" height="12" />
    <rect class="act" x="156" y="96" width="28" height="16" rx="3" />
    <rect class="act" x="156" y="116" width="28" height="16" rx="3" />
    <rect class="act" x="156" y="136" width="28" height="16" rx="3" />
    <rect class="act" x="156" y="156" width="28" height="16" rx="3" />
    <path class="pipe" d="M40 186 H320" />
    <rect class="water flat" x="60" y="182" width="250" height="8" />
    <rect class="blank" x="250" y="110" width="70" height="40" rx="4" />
    <Say n="cap" :x="210" :y="30" />
    <Say n="tablets" :x="100" :y="128" tone="do" at="end" line="102 126 156 126" />
    <Say n="stack" :x="204" :y="96" tone="do" />
    <Say n="water" :x="250" :y="206" tone="air" />
    <Say n="label" :x="285" :y="126" tone="risk" at="middle" />
    <Say n="label2" :x="285" :y="140" tone="risk" at="middle" />
    <Say n="glove" :x="14" :y="40" tone="risk" />
    <Say n="lowest" :x="14" :y="210" tone="soft" />
  </g>
</template>
