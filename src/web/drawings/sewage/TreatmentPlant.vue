<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <line class="ink" x1="10" y1="40" x2="350" y2="40" />
    <rect class="blank" x="30" y="60" width="100" height="140" />
    <rect class="blank" x="130" y="60" width="100" height="140" />
    <rect class="blank" x="230" y="60" width="100" height="140" />
    <rect class="water flat" x="31" y="90" width="98" height="70" />
    <rect class="warm" x="31" y="78" width="98" height="14" />
    <rect class="warm" x="31" y="160" width="98" height="39" />
    <rect class="warm flat" x="131" y="84" width="98" height="115" />
    <rect class="water flat" x="231" y="90" width="98" height="109" />
    <line class="ink" x1="180" y1="40" x2="180" y2="180" />
    <rect class="wash" x="164" y="18" width="32" height="22" />
    <circle class="ink" cx="160" cy="150" r="4" />
    <circle class="ink" cx="200" cy="140" r="4" />
    <circle class="ink" cx="156" cy="120" r="4" />
    <circle class="ink" cx="206" cy="112" r="4" />
    <circle class="ink" cx="156" cy="178" r="4" />
    <path class="ink" d="M12 80 H36" />
    <path class="ink" d="M354 88 H322 V120" />
    <Arrow path="22 160 22 199" tone="risk" both />
    <Say n="blower" :x="204" :y="32" />
    <Say n="scum" :x="80" :y="89" at="middle" />
    <Say n="clear" :x="80" :y="126" tone="air" at="middle" />
    <Say n="sludge" :x="80" :y="184" at="middle" />
    <Say n="air" :x="204" :y="186" tone="do" at="middle" />
    <Say n="settle" :x="280" :y="150" tone="air" at="middle" />
    <Say n="elbow" :x="350" :y="54" tone="soft" at="end" />
    <Say n="pump" :x="100" :y="222" tone="risk" at="middle" />
    <Say n="brown" :x="250" :y="222" tone="do" at="middle" />
  </g>
</template>
