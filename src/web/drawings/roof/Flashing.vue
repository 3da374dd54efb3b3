<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M10 190 L230 90 V200 H10 Z" />
    <rect class="blank" x="230" y="20" width="110" height="180" />
    <line class="thin ink" x1="230" y1="44" x2="340" y2="44" />
    <line class="thin ink" x1="230" y1="68" x2="340" y2="68" />
    <line class="thin ink" x1="230" y1="92" x2="340" y2="92" />
    <line class="thin ink" x1="230" y1="116" x2="340" y2="116" />
    <line class="thin ink" x1="230" y1="140" x2="340" y2="140" />
    <line class="thin ink" x1="230" y1="164" x2="340" y2="164" />
    <line class="thin ink" x1="230" y1="188" x2="340" y2="188" />
    <path class="act" d="M90 152 V124 H140 V130 Z" />
    <path class="act" d="M140 130 V102 H190 V108 Z" />
    <path class="act" d="M190 108 V78 H230 V90 Z" />
    <path class="stop" d="M190 78 q14 -16 26 -14" />
    <Say n="roof" :x="110" :y="182" tone="soft" />
    <Say n="wall" :x="286" :y="36" tone="soft" at="middle" />
    <Say n="step" :x="20" :y="84" tone="do" line="66 102 108 132" />
    <Say n="loose" :x="150" :y="44" tone="risk" line="180 50 204 66" />
    <Say n="wedge" :x="240" :y="226" tone="do" />
    <Say n="trade" :x="60" :y="222" tone="soft" />
  </g>
</template>
