<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M60 40 H150 V70 H136 V56 H90 V120 H60 Z" />
    <path class="water" d="M138 72 H148 V160 H138 Z" />
    <path class="blank" d="M110 130 H180 L170 200 H120 Z" />
    <path class="water flat" d="M114 152 H176 L170 198 H121 Z" />
    <path class="stop" d="M164 100 L150 176" />
    <circle class="bad" cx="166" cy="96" r="5" />
    <Say n="hot" :x="60" :y="30" tone="risk" />
    <Say n="run" :x="206" :y="74" tone="do" />
    <Say n="cup" :x="206" :y="170" />
    <Say n="good" :x="206" :y="110" tone="do" />
    <Say n="scald" :x="206" :y="140" tone="risk" />
    <Say n="probe" :x="206" :y="200" tone="soft" />
  </g>
</template>
