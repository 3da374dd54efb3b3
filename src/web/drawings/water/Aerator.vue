<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M40 110 Q40 40 110 40 H150 V96 H124 V70 H110 Q70 70 70 110 V130 H40 Z" />
    <rect class="act" x="122" y="100" width="30" height="16" />
    <rect class="blank" x="122" y="124" width="30" height="8" />
    <line class="thin ink" x1="126" y1="126" x2="126" y2="131" />
    <line class="thin ink" x1="132" y1="126" x2="132" y2="131" />
    <line class="thin ink" x1="138" y1="126" x2="138" y2="131" />
    <line class="thin ink" x1="144" y1="126" x2="144" y2="131" />
    <line class="thin ink" x1="150" y1="126" x2="150" y2="131" />
    <rect class="act" x="122" y="140" width="30" height="20" />
    <path class="go" d="M104 128 Q96 150 112 164 M106 166 L113 165 L112 157" />
    <Say n="spout" :x="60" :y="30" />
    <Say n="washer" :x="166" :y="112" />
    <Say n="screen" :x="166" :y="134" tone="do" />
    <Say n="body" :x="166" :y="156" />
    <Say n="grit" :x="166" :y="180" tone="risk" />
    <Say n="turn" :x="20" :y="180" tone="do" />
    <Say n="flow" :x="200" :y="214" tone="soft" at="middle" />
    <Say n="cloth" :x="20" :y="196" tone="soft" />
  </g>
</template>
