<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <line class="ink" x1="10" y1="90" x2="120" y2="90" />
    <line class="ink" x1="230" y1="90" x2="350" y2="90" />
    <rect class="warm flat" x="10" y="91" width="110" height="130" />
    <rect class="warm flat" x="230" y="91" width="120" height="130" />
    <path class="blank" d="M120 90 H230 V190 H120 Z" />
    <rect class="water" x="122" y="140" width="106" height="48" />
    <path class="bad" d="M122 176 H228 V189 H122 Z" />
    <path class="pipe" d="M228 150 H300 V200" />
    <rect class="act" x="114" y="80" width="122" height="12" />
    <line class="go" x1="126" y1="80" x2="126" y2="92" />
    <line class="go" x1="140" y1="80" x2="140" y2="92" />
    <line class="go" x1="154" y1="80" x2="154" y2="92" />
    <line class="go" x1="168" y1="80" x2="168" y2="92" />
    <line class="go" x1="182" y1="80" x2="182" y2="92" />
    <line class="go" x1="196" y1="80" x2="196" y2="92" />
    <line class="go" x1="210" y1="80" x2="210" y2="92" />
    <line class="go" x1="224" y1="80" x2="224" y2="92" />
    <path class="ink" d="M160 20 V62 M150 62 H170 L166 76 H154 Z" />
    <Arrow path="180 60 180 30" tone="do" />
    <Say n="grate" :x="250" :y="82" tone="do" />
    <Say n="mud" :x="60" :y="184" tone="risk" at="middle" line="88 182 130 184" />
    <Say n="out" :x="308" :y="176" tone="air" />
    <Say n="scoop" :x="196" :y="44" tone="do" />
    <Say n="water" :x="175" :y="160" tone="air" at="middle" />
    <Say n="trap" :x="14" :y="130" tone="soft" />
  </g>
</template>
