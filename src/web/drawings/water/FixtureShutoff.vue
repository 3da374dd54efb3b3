<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M60 40 H240 V60 H220 Q216 110 150 110 Q84 110 80 60 H60 Z" />
    <path class="pipe" d="M150 112 V146 H186" />
    <path class="pipe" d="M116 214 V150" />
    <circle class="act" cx="116" cy="176" r="10" />
    <path class="ink" d="M116 150 Q112 120 126 60" />
    <circle class="act" cx="206" cy="176" r="10" />
    <path class="pipe" d="M206 214 V180" />
    <path class="ink" d="M206 166 Q210 110 176 60" />
    <path class="ink" d="M140 40 V20 H166 V34" />
    <Say n="cold" :x="60" :y="180" tone="air" at="end" />
    <Say n="hot" :x="226" :y="180" tone="risk" />
    <Say n="valve" :x="300" :y="120" tone="do" at="middle" line="270 126 216 172" />
    <Say n="line" :x="14" :y="110" tone="soft" line="80 112 114 140" />
    <Say n="turn" :x="160" :y="226" tone="do" at="middle" />
  </g>
</template>
