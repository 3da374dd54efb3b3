<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="40" y="20" width="90" height="190" />
    <line class="thin ink" x1="40" y1="44" x2="130" y2="44" />
    <line class="thin ink" x1="40" y1="68" x2="130" y2="68" />
    <line class="thin ink" x1="40" y1="92" x2="130" y2="92" />
    <line class="thin ink" x1="40" y1="116" x2="130" y2="116" />
    <line class="thin ink" x1="40" y1="140" x2="130" y2="140" />
    <line class="thin ink" x1="40" y1="164" x2="130" y2="164" />
    <line class="thin ink" x1="40" y1="188" x2="130" y2="188" />
    <rect class="act" x="56" y="128" width="58" height="28" />
    <circle class="ink" cx="64" cy="136" r="2" />
    <circle class="ink" cx="74" cy="136" r="2" />
    <circle class="ink" cx="84" cy="136" r="2" />
    <circle class="ink" cx="94" cy="136" r="2" />
    <circle class="ink" cx="104" cy="136" r="2" />
    <circle class="ink" cx="64" cy="148" r="2" />
    <circle class="ink" cx="74" cy="148" r="2" />
    <circle class="ink" cx="84" cy="148" r="2" />
    <circle class="ink" cx="94" cy="148" r="2" />
    <circle class="ink" cx="104" cy="148" r="2" />
    <path class="warm" d="M130 170 L350 186 V222 H130 Z" />
    <path class="bad" d="M130 170 L200 175 Q176 140 150 142 Q136 144 130 150 Z" />
    <Arrow path="180 128 122 136" tone="air" />
    <line class="ink" x1="10" y1="110" x2="40" y2="110" />
    <Say n="brick" :x="186" :y="108" tone="do" />
    <Say n="soil" :x="190" :y="152" tone="risk" />
    <Say n="clear" :x="240" :y="210" tone="do" at="middle" />
    <Say n="air" :x="186" :y="132" tone="air" />
    <Say n="floor" :x="4" :y="100" tone="soft" />
    <Say n="tool" :x="186" :y="60" />
    <Say n="no" :x="186" :y="44" tone="risk" />
  </g>
</template>
