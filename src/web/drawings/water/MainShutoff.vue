<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="pipe" d="M10 80 H110" />
    <circle class="blank" cx="60" cy="80" r="13" />
    <line class="go" x1="60" y1="80" x2="100" y2="80" />
    <path class="pipe" d="M130 80 H230" />
    <circle class="blank" cx="180" cy="80" r="13" />
    <circle class="act" cx="180" cy="46" r="20" />
    <line class="go" x1="180" y1="66" x2="180" y2="52" />
    <path class="pipe" d="M250 80 H350" />
    <circle class="blank" cx="300" cy="80" r="13" />
    <line class="go" x1="300" y1="67" x2="300" y2="44" />
    <line class="go" x1="284" y1="44" x2="316" y2="44" />
    <line class="ink" x1="300" y1="93" x2="300" y2="100" />
    <Say n="lever" :x="60" :y="124" at="middle" />
    <Say n="wheel" :x="180" :y="124" at="middle" />
    <Say n="stop" :x="300" :y="124" at="middle" />
    <Say n="quarter" :x="60" :y="140" tone="do" at="middle" />
    <Say n="turns" :x="180" :y="140" tone="do" at="middle" />
    <Say n="clock" :x="300" :y="140" tone="do" at="middle" />
    <path class="stop" d="M60 172 V208" />
    <path class="pipe" d="M20 190 H100" />
    <circle class="blank" cx="60" cy="190" r="13" />
    <line class="stop" x1="60" y1="177" x2="60" y2="206" />
    <Say n="shut" :x="112" :y="194" tone="risk" />
    <Say n="back" :x="180" :y="222" tone="soft" at="middle" />
  </g>
</template>
