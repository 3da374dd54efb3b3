<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="180" y="20" width="40" height="180" />
    <path class="pipe" d="M40 96 H252" />
    <rect class="bad" x="66" y="88" width="14" height="16" />
    <path class="go" d="M252 96 V70 M240 70 H264" />
    <path class="pipe" d="M252 96 V120" />
    <path class="bad" d="M246 124 h12 v10 q0 30 40 34 h46 v12 h-50 q-48 0 -48 -46 Z" />
    <path class="water flat" d="M84 92 H246 V100 H84 Z" />
    <Say n="seat" :x="70" :y="70" at="middle" />
    <Say n="warm" :x="70" :y="56" tone="soft" at="middle" />
    <Say n="ice" :x="172" :y="124" tone="risk" at="end" line="150 112 160 98" />
    <Say n="hose" :x="314" :y="140" tone="risk" at="middle" />
    <Say n="off" :x="290" :y="214" tone="do" at="middle" />
    <Say n="slope" :x="96" :y="160" tone="soft" />
  </g>
</template>
