<script setup lang="ts">
import { Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <line class="ink" x1="10" y1="120" x2="350" y2="120" />
    <rect class="warm flat" x="10" y="121" width="340" height="100" />
    <path class="pipe" d="M20 160 H90 V60 H150 V160 H330" />
    <rect class="act" x="104" y="48" width="32" height="24" rx="3" />
    <circle class="bad" cx="60" cy="160" r="11" />
    <line class="stop" x1="60" y1="149" x2="60" y2="136" />
    <circle class="act" cx="90" cy="92" r="7" />
    <circle class="act" cx="150" cy="92" r="7" />
    <line class="ink" x1="210" y1="160" x2="210" y2="120" />
    <path class="hair" d="M210 118 l-10 -14 M210 118 l10 -14 M210 118 v-18" />
    <line class="ink" x1="256" y1="160" x2="256" y2="120" />
    <path class="hair" d="M256 118 l-10 -14 M256 118 l10 -14 M256 118 v-18" />
    <line class="ink" x1="302" y1="160" x2="302" y2="120" />
    <path class="hair" d="M302 118 l-10 -14 M302 118 l10 -14 M302 118 v-18" />
    <Num :n="1" :x="36" :y="186" tone="risk" />
    <Say n="shut" :x="50" :y="190" tone="risk" />
    <Num :n="2" :x="196" :y="64" />
    <Say n="blow" :x="210" :y="68" tone="do" />
    <Num :n="3" :x="36" :y="92" />
    <Say n="drain" :x="8" :y="62" tone="do" />
    <Say n="bf" :x="120" :y="40" at="middle" />
    <Say n="heads" :x="256" :y="92" tone="soft" at="middle" />
    <Say n="air" :x="190" :y="206" tone="risk" />
  </g>
</template>
