<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="30" y="40" width="50" height="120" />
    <rect class="wash" x="80" y="40" width="40" height="30" />
    <path class="act" d="M80 70 q16 6 10 22 h-10 Z" />
    <rect class="blank" x="96" y="74" width="24" height="86" />
    <rect class="wash" x="150" y="40" width="50" height="120" />
    <rect class="wash" x="200" y="40" width="40" height="30" />
    <path class="act" d="M200 70 L216 74 L202 96 Z" />
    <rect class="blank" x="216" y="74" width="24" height="86" />
    <rect class="wash" x="262" y="40" width="44" height="120" />
    <rect class="wash" x="306" y="40" width="36" height="30" />
    <circle class="act" cx="314" cy="82" r="9" />
    <rect class="blank" x="324" y="74" width="20" height="86" />
    <Say n="foam" :x="76" :y="180" at="middle" />
    <Say n="v" :x="196" :y="180" at="middle" />
    <Say n="bulb" :x="304" :y="180" at="middle" />
    <Say n="foamfor" :x="76" :y="194" tone="soft" at="middle" />
    <Say n="vfor" :x="196" :y="194" tone="soft" at="middle" />
    <Say n="bulbfor" :x="304" :y="194" tone="soft" at="middle" />
    <Say n="gap" :x="180" :y="24" tone="do" at="middle" />
    <Say n="clean" :x="180" :y="222" tone="do" at="middle" />
  </g>
</template>
