<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="40" y="60" width="110" height="140" />
    <path class="wash" d="M30 60 L95 20 L160 60 Z" />
    <line class="ink" x1="10" y1="200" x2="350" y2="200" />
    <circle class="warm" cx="220" cy="172" r="28" />
    <path class="warm" d="M300 200 V120 M300 120 m-34 0 a34 44 0 1 1 68 0 a34 30 0 1 1 -68 0 Z" />
    <Arrow path="152 172 190 172" tone="do" both />
    <path class="stop" d="M286 88 L172 46" />
    <Say n="gap" :x="171" :y="160" tone="do" at="middle" />
    <Say n="shrub" :x="220" :y="216" at="middle" />
    <Say n="tree" :x="300" :y="216" at="middle" />
    <Say n="branch" :x="222" :y="48" tone="risk" />
    <Say n="six" :x="180" :y="96" tone="risk" />
    <Say n="lean" :x="184" :y="22" tone="soft" />
    <Say n="house" :x="95" :y="140" tone="soft" at="middle" />
  </g>
</template>
