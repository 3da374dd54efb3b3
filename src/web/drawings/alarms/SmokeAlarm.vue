<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <ellipse class="wash" cx="120" cy="96" rx="86" ry="70" />
    <ellipse class="blank" cx="120" cy="96" rx="30" ry="26" />
    <circle class="act" cx="120" cy="96" r="12" />
    <line class="thin ink" x1="60" y1="60" x2="60" y2="64" />
    <line class="thin ink" x1="74" y1="44" x2="74" y2="56" />
    <line class="thin ink" x1="88" y1="44" x2="88" y2="56" />
    <line class="thin ink" x1="102" y1="44" x2="102" y2="56" />
    <line class="thin ink" x1="116" y1="44" x2="116" y2="56" />
    <line class="thin ink" x1="130" y1="44" x2="130" y2="56" />
    <line class="thin ink" x1="144" y1="44" x2="144" y2="56" />
    <line class="thin ink" x1="158" y1="44" x2="158" y2="56" />
    <line class="thin ink" x1="172" y1="44" x2="172" y2="56" />
    <circle class="bad" cx="172" cy="118" r="4" />
    <rect class="blank" x="246" y="40" width="90" height="50" rx="4" />
    <rect class="act" x="262" y="122" width="60" height="26" rx="3" />
    <rect class="wash" x="322" y="130" width="6" height="10" />
    <Say n="test" :x="120" :y="190" tone="do" at="middle" line="120 178 120 108" />
    <Say n="light" :x="196" :y="184" line="204 172 175 122" />
    <Say n="date" :x="291" :y="62" at="middle" />
    <Say n="back" :x="291" :y="32" tone="soft" at="middle" />
    <Say n="cell" :x="292" :y="164" tone="do" at="middle" />
    <Say n="old" :x="240" :y="206" tone="risk" />
    <Say n="born" :x="291" :y="106" tone="soft" at="middle" />
  </g>
</template>
