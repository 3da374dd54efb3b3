<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="120" y="20" width="110" height="190" />
    <rect class="blank" x="136" y="36" width="78" height="158" />
    <path class="act" d="M240 28 h14 v170 h-14 Z" />
    <path class="go" d="M254 40 h10 M254 186 h10" />
    <Arrow path="300 110 262 110" tone="do" />
    <line class="thin ink" x1="175" y1="36" x2="175" y2="194" />
    <rect class="act" x="70" y="40" width="40" height="150" />
    <line class="thin ink" x1="70" y1="54" x2="110" y2="54" />
    <line class="thin ink" x1="70" y1="68" x2="110" y2="68" />
    <line class="thin ink" x1="70" y1="82" x2="110" y2="82" />
    <line class="thin ink" x1="70" y1="96" x2="110" y2="96" />
    <line class="thin ink" x1="70" y1="110" x2="110" y2="110" />
    <line class="thin ink" x1="70" y1="124" x2="110" y2="124" />
    <line class="thin ink" x1="70" y1="138" x2="110" y2="138" />
    <line class="thin ink" x1="70" y1="152" x2="110" y2="152" />
    <line class="thin ink" x1="70" y1="166" x2="110" y2="166" />
    <line class="thin ink" x1="70" y1="180" x2="110" y2="180" />
    <line class="thin ink" x1="80" y1="40" x2="80" y2="190" />
    <line class="thin ink" x1="90" y1="40" x2="90" y2="190" />
    <line class="thin ink" x1="100" y1="40" x2="100" y2="190" />
    <Say n="panel" :x="272" :y="60" tone="do" />
    <Say n="screen" :x="90" :y="30" at="middle" />
    <Say n="turn" :x="272" :y="190" />
    <Say n="weep" :x="296" :y="214" tone="risk" at="middle" />
    <Say n="number" :x="8" :y="210" tone="soft" />
    <Say n="two" :x="300" :y="130" tone="soft" at="middle" />
  </g>
</template>
