<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M40 130 H150 V110 H170 V200 H40 Z" />
    <rect class="water" x="164" y="20" width="8" height="100" />
    <path class="act" d="M150 112 L116 130 H150 Z" />
    <path class="act" d="M174 112 L212 132 H174 Z" />

    <line class="hair" x1="10" y1="216" x2="350" y2="216" />
    <Say n="glass" :x="184" :y="60" tone="air" />
    <Say n="putty" :x="226" :y="110" tone="do" line="222 112 192 124" />
    <Say n="bed" :x="40" :y="110" line="66 114 140 124" />
    <Say n="sash" :x="90" :y="170" at="middle" />
    <Say n="out" :x="300" :y="190" tone="soft" at="middle" />
    <Say n="in" :x="20" :y="30" tone="soft" />
    <Say n="paint" :x="226" :y="150" />
  </g>
</template>
