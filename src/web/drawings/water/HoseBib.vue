<script setup lang="ts">
import { Arrow, Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="190" y="10" width="26" height="190" />
    <path class="pipe" d="M20 90 H190" />
    <path class="pipe" d="M216 90 H276" />
    <circle class="bad" cx="80" cy="90" r="13" />
    <path class="stop" d="M80 77 V56 M64 56 H96" />
    <rect class="blank" x="130" y="94" width="12" height="22" />
    <path class="ink" d="M136 116 V126" />
    <path class="go" d="M276 90 V62 M260 62 H292" />
    <path class="pipe" d="M276 90 Q276 124 298 126" />
    <Arrow path="300 138 300 176" tone="air" />
    <Say n="in" :x="90" :y="24" tone="soft" at="middle" />
    <Say n="out" :x="284" :y="24" tone="soft" at="middle" />
    <Num :n="1" :x="46" :y="52" tone="risk" />
    <Say n="shut" :x="80" :y="46" tone="risk" at="middle" />
    <Num :n="2" :x="316" :y="60" />
    <Say n="open" :x="316" :y="86" tone="do" at="middle" />
    <Num :n="3" :x="112" :y="124" />
    <Say n="relieve" :x="118" :y="148" tone="do" at="middle" />
    <Say n="run" :x="300" :y="194" tone="air" at="middle" />
    <Say n="all" :x="284" :y="212" tone="soft" at="middle" />
    <Say n="hose" :x="240" :y="52" tone="do" at="middle" />
  </g>
</template>
