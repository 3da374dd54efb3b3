<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="110" y="30" width="120" height="180" rx="10" />
    <path class="pipe" d="M140 30 V8" />
    <path class="pipe" d="M200 30 V8" />
    <line class="ink" x1="140" y1="34" x2="140" y2="150" />
    <rect class="act" x="176" y="36" width="8" height="90" />
    <path class="pipe" d="M230 54 H262 V196" />
    <rect class="bad" x="238" y="46" width="16" height="16" />
    <rect class="bad" x="140" y="196" width="60" height="10" />
    <path class="pipe" d="M110 190 H84" />
    <circle class="act" cx="78" cy="190" r="8" />
    <rect class="warm flat" x="114" y="176" width="112" height="18" />
    <Say n="cold" :x="132" :y="12" tone="air" at="end" />
    <Say n="hot" :x="210" :y="12" tone="risk" />
    <Say n="dip" :x="98" :y="96" at="end" line="100 92 138 92" />
    <Say n="anode" :x="280" :y="110" tone="do" line="276 106 186 100" />
    <Say n="relief" :x="276" :y="52" tone="risk" />
    <Say n="pipe" :x="276" :y="178" tone="soft" />
    <Say n="drain" :x="66" :y="186" tone="do" at="end" />
    <Say n="mud" :x="98" :y="160" at="end" line="100 158 124 184" />
    <Say n="burner" :x="170" :y="226" at="middle" />
  </g>
</template>
