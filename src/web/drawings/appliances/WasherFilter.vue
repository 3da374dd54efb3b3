<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="60" y="16" width="150" height="190" rx="6" />
    <circle class="blank" cx="135" cy="90" r="48" />
    <circle class="water" cx="135" cy="90" r="34" />
    <rect class="act" x="160" y="178" width="36" height="20" rx="3" />
    <path class="ink" d="M176 188 h-10" />
    <path class="blank" d="M220 196 H300 L292 220 H228 Z" />
    <Arrow path="200 190 224 204" tone="air" />
    <path class="bad" d="M87 90 A48 48 0 0 0 100 124 L108 116 A36 36 0 0 1 99 90 Z" />
    <Say n="flap" :x="224" :y="176" tone="do" />
    <Say n="tray" :x="260" :y="212" at="middle" />
    <Say n="seal" :x="222" :y="110" tone="risk" line="218 108 106 118" />
    <Say n="slow" :x="222" :y="60" tone="do" />
    <Say n="coins" :x="222" :y="76" tone="soft" />
    <Say n="off" :x="222" :y="28" tone="risk" />
  </g>
</template>
