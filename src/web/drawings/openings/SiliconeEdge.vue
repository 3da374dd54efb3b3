<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="60" y="20" width="30" height="150" />
    <rect class="wash" x="90" y="130" width="240" height="40" />
    <path class="act" d="M90 130 V112 Q94 128 112 130 Z" />
    <path class="ink" d="M150 60 L110 108 L118 116 L160 72 Z" />

    <line class="hair dash" x1="90" y1="96" x2="200" y2="96" />
    <line class="hair dash" x1="128" y1="40" x2="128" y2="130" />
    <Say n="wall" :x="75" :y="14" at="middle" />
    <Say n="top" :x="210" :y="154" at="middle" />
    <Say n="bead" :x="22" :y="212" tone="do" line="50 200 96 126" />
    <Say n="tape" :x="210" :y="92" tone="soft" />
    <Say n="old" :x="190" :y="206" tone="risk" />
    <Say n="wet" :x="190" :y="222" tone="do" />
    <Say n="fill" :x="196" :y="40" />
  </g>
</template>
