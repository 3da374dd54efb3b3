<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <line class="ink" x1="10" y1="70" x2="350" y2="70" />
    <rect class="wash" x="70" y="54" width="80" height="16" />
    <rect class="wash" x="210" y="54" width="80" height="16" />
    <circle class="act" cx="84" cy="62" r="3" />
    <circle class="act" cx="136" cy="62" r="3" />
    <circle class="act" cx="224" cy="62" r="3" />
    <circle class="act" cx="276" cy="62" r="3" />
    <rect class="blank" x="40" y="80" width="280" height="130" />
    <rect class="water flat" x="41" y="120" width="278" height="89" />
    <rect class="wash" x="176" y="80" width="8" height="90" />
    <path class="ink" d="M340 110 H296 V140" />
    <line class="go" x1="290" y1="124" x2="304" y2="124" />
    <path class="ink" d="M26 106 H56 V150" />
    <Say n="lid" :x="110" :y="46" tone="do" at="middle" />
    <Say n="screws" :x="250" :y="46" tone="do" at="middle" />
    <Say n="baffle" :x="150" :y="106" at="end" />
    <Say n="elbow" :x="222" :y="150" tone="do" />
    <Say n="half" :x="222" :y="164" tone="soft" />
    <Say n="inlet" :x="66" :y="160" />
    <Say n="high" :x="180" :y="226" tone="risk" at="middle" />
    <Say n="kids" :x="180" :y="18" tone="risk" at="middle" />
  </g>
</template>
