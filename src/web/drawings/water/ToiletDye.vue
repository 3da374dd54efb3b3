<script setup lang="ts">
import { Arrow, Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="60" y="20" width="110" height="90" />
    <rect class="water" x="62" y="50" width="106" height="58" />
    <rect class="blank" x="106" y="60" width="12" height="48" />
    <path class="bad" d="M98 104 H126 V112 H98 Z" />
    <circle class="blank" cx="146" cy="60" r="10" />
    <line class="ink" x1="120" y1="60" x2="138" y2="60" />
    <path class="wash" d="M40 126 H200 Q196 190 150 206 H100 Q44 190 40 126 Z" />
    <ellipse class="water" cx="120" cy="150" rx="54" ry="14" />
    <Arrow path="112 114 112 146" tone="risk" />
    <Num :n="1" :x="200" :y="34" />
    <Say n="dye" :x="214" :y="38" tone="do" />
    <Num :n="2" :x="200" :y="64" />
    <Say n="wait" :x="214" :y="68" tone="do" />
    <Num :n="3" :x="230" :y="140" tone="risk" />
    <Say n="color" :x="244" :y="144" tone="risk" />
    <Say n="flapper" :x="190" :y="106" line="188 104 128 108" />
    <Say n="tank" :x="60" :y="14" />
    <Say n="no" :x="214" :y="88" tone="soft" />
  </g>
</template>
