<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="blank" x="110" y="30" width="140" height="100" rx="8" />
    <rect class="wash" x="126" y="44" width="70" height="46" />
    <path class="go" d="M214 60 l10 -12 l10 12 M214 78 l10 12 l10 -12" />
    <rect class="act" x="126" y="104" width="52" height="16" />
    <Say n="number" :x="161" :y="72" at="middle" />
    <Say n="schedule" :x="190" :y="117" />
    <Say n="up" :x="262" :y="62" />
    <Say n="down" :x="262" :y="84" />
    <rect class="blank" x="130" y="150" width="100" height="44" />
    <rect class="act" x="142" y="160" width="34" height="12" />
    <rect class="act" x="184" y="160" width="34" height="12" />
    <rect class="wash" x="176" y="162" width="4" height="8" />
    <rect class="wash" x="218" y="162" width="4" height="8" />
    <Say n="back" :x="180" :y="188" at="middle" />
    <Say n="cells" :x="240" :y="170" tone="do" />
    <Say n="spot" :x="14" :y="84" tone="soft" />
    <Say n="again" :x="180" :y="218" tone="do" at="middle" />
  </g>
</template>
