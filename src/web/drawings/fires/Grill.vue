<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M70 80 Q70 30 170 30 Q270 30 270 80 Z" />
    <rect class="blank" x="70" y="80" width="200" height="60" />
    <line class="ink" x1="80" y1="90" x2="80" y2="100" />
    <line class="ink" x1="96" y1="90" x2="96" y2="100" />
    <line class="ink" x1="112" y1="90" x2="112" y2="100" />
    <line class="ink" x1="128" y1="90" x2="128" y2="100" />
    <line class="ink" x1="144" y1="90" x2="144" y2="100" />
    <line class="ink" x1="160" y1="90" x2="160" y2="100" />
    <line class="ink" x1="176" y1="90" x2="176" y2="100" />
    <line class="ink" x1="192" y1="90" x2="192" y2="100" />
    <line class="ink" x1="208" y1="90" x2="208" y2="100" />
    <line class="ink" x1="224" y1="90" x2="224" y2="100" />
    <line class="ink" x1="240" y1="90" x2="240" y2="100" />
    <line class="ink" x1="256" y1="90" x2="256" y2="100" />
    <rect class="act" x="90" y="116" width="160" height="10" />
    <circle class="ink" cx="104" cy="121" r="2" />
    <circle class="ink" cx="126" cy="121" r="2" />
    <circle class="ink" cx="148" cy="121" r="2" />
    <circle class="ink" cx="170" cy="121" r="2" />
    <circle class="ink" cx="192" cy="121" r="2" />
    <circle class="ink" cx="214" cy="121" r="2" />
    <circle class="ink" cx="236" cy="121" r="2" />
    <rect class="bad" x="130" y="144" width="80" height="14" />
    <path class="ink" d="M90 140 V214 M250 140 V214" />
    <rect class="blank" x="280" y="160" width="44" height="54" rx="8" />
    <path class="ink" d="M302 160 Q300 120 252 120" />
    <circle class="bad" cx="80" cy="121" r="8" />
    <Say n="burner" :x="4" :y="112" tone="do" line="62 116 98 121" />
    <Say n="nest" :x="14" :y="170" tone="risk" line="40 158 76 130" />
    <Say n="grease" :x="170" :y="178" tone="risk" at="middle" />
    <Say n="hose" :x="296" :y="130" />
    <Say n="soap" :x="170" :y="206" tone="do" at="middle" />
    <Say n="lid" :x="170" :y="64" tone="soft" at="middle" />
  </g>
</template>
