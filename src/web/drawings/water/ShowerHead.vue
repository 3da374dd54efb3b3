<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="pipe" d="M40 20 V60 H120" />
    <rect class="act" x="118" y="50" width="22" height="20" />
    <path class="wash" d="M140 52 L170 60 L214 116 L150 132 L132 70 Z" />
    <line class="water" x1="150" y1="132" x2="140" y2="190" />
    <line class="water" x1="166" y1="129" x2="158" y2="187" />
    <line class="water" x1="182" y1="126" x2="176" y2="184" />
    <line class="water" x1="198" y1="123" x2="194" y2="181" />
    <rect class="blank" x="270" y="120" width="60" height="70" />
    <rect class="water" x="272" y="150" width="56" height="38" />
    <path class="wash" d="M286 146 h28 l6 24 h-40 Z" />
    <Say n="tape" :x="150" :y="44" tone="do" />
    <Say n="jets" :x="232" :y="90" tone="risk" />
    <Say n="bag" :x="300" :y="206" at="middle" />
    <Say n="hand" :x="20" :y="110" />
    <Say n="vinegar" :x="300" :y="112" tone="do" at="middle" />
    <Say n="flow" :x="60" :y="216" tone="soft" />
  </g>
</template>
