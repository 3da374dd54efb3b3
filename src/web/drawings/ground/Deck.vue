<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <line class="ink" x1="10" y1="210" x2="350" y2="210" />
    <rect class="wash" x="20" y="20" width="60" height="190" />
    <rect class="wash" x="80" y="90" width="200" height="12" />
    <rect class="act" x="80" y="102" width="12" height="30" />
    <rect class="blank" x="140" y="102" width="14" height="106" />
    <rect class="blank" x="250" y="102" width="14" height="106" />
    <line class="ink" x1="150" y1="50" x2="150" y2="90" />
    <line class="ink" x1="176" y1="50" x2="176" y2="90" />
    <line class="ink" x1="202" y1="50" x2="202" y2="90" />
    <line class="ink" x1="228" y1="50" x2="228" y2="90" />
    <line class="ink" x1="254" y1="50" x2="254" y2="90" />
    <line class="ink" x1="280" y1="50" x2="280" y2="90" />
    <line class="ink" x1="140" y1="50" x2="284" y2="50" />
    <path class="bad" d="M134 200 h26 v10 h-26 Z" />
    <path class="ink" d="M280 96 h24 v28 h24 v28 h18 v58" />
    <Say n="ledger" :x="168" :y="146" tone="do" line="164 142 88 118" />
    <Say n="bolts" :x="168" :y="162" tone="soft" />
    <Say n="rail" :x="212" :y="40" tone="do" at="middle" />
    <Say n="post" :x="168" :y="204" tone="risk" />
    <Say n="poke" :x="168" :y="188" tone="soft" />
    <Say n="stairs" :x="316" :y="90" />
  </g>
</template>
