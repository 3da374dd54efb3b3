<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="30" y="20" width="24" height="190" />
    <path class="pipe" d="M54 120 H110" />
    <path class="ink" d="M92 112 V92 M80 92 H104" />
    <rect class="act" x="108" y="112" width="18" height="18" />
    <circle class="blank" cx="210" cy="108" r="70" />
    <path class="bad" d="M252 52 A70 70 0 0 1 280 108 L262 108 A52 52 0 0 0 242 67 Z" />
    <path class="act" d="M175 47 A70 70 0 0 1 252 52 L242 67 A52 52 0 0 0 184 63 Z" />
    <line class="go" x1="210" y1="108" x2="214" y2="62" />
    <circle class="ink" cx="210" cy="108" r="4" />
    <Say n="good" :x="212" :y="30" tone="do" at="middle" />
    <Say n="high" :x="286" :y="76" tone="risk" />
    <Say n="screw" :x="120" :y="150" tone="do" at="middle" />
    <Say n="all" :x="210" :y="196" tone="soft" at="middle" />
    <Say n="read" :x="210" :y="140" at="middle" />
    <Say n="night" :x="288" :y="154" tone="soft" />
  </g>
</template>
