<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="60" y="20" width="160" height="180" />
    <rect class="blank" x="78" y="38" width="124" height="144" />
    <path class="go" d="M68 28 H212 V192 H68 Z" />
    <line class="hair" x1="140" y1="38" x2="140" y2="182" />
    <path class="hair" d="M90 60 L130 100 M150 120 L190 160" />
    <rect class="blank" x="280" y="70" width="60" height="24" rx="6" />
    <path class="ink" d="M280 82 h-14 l-10 -8 v20 l10 -8" />
    <Arrow path="252 90 224 104" tone="risk" />
    <Say n="tape" :x="236" :y="36" tone="do" line="232 34 214 32" />
    <Say n="film" :x="84" :y="176" tone="air" />
    <Say n="dryer" :x="310" :y="60" at="middle" />
    <Say n="warm" :x="240" :y="124" tone="risk" />
    <Say n="order" :x="236" :y="164" tone="do" />
    <Say n="frame" :x="140" :y="218" tone="soft" at="middle" />
  </g>
</template>
