<script setup lang="ts">
import { Flame, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="90" y="30" width="170" height="170" />
    <rect class="warm" x="100" y="140" width="140" height="44" />
    <line class="ink" x1="112" y1="60" x2="112" y2="126" />
    <line class="ink" x1="130" y1="60" x2="130" y2="126" />
    <line class="ink" x1="148" y1="60" x2="148" y2="126" />
    <line class="ink" x1="166" y1="60" x2="166" y2="126" />
    <line class="ink" x1="184" y1="60" x2="184" y2="126" />
    <line class="ink" x1="202" y1="60" x2="202" y2="126" />
    <line class="ink" x1="220" y1="60" x2="220" y2="126" />
    <line class="ink" x1="238" y1="60" x2="238" y2="126" />
    <path class="ink" d="M160 30 V6 H184 V30" />
    <rect class="blank" x="40" y="144" width="40" height="36" />
    <Flame :x="104" :y="176" :good="false" :h="26" />
    <circle class="act" cx="172" cy="18" r="4" />
    <Say n="passes" :x="172" :y="52" tone="do" at="middle" />
    <Say n="chamber" :x="180" :y="166" at="middle" />
    <Say n="burner" :x="14" :y="140" />
    <Say n="hole" :x="192" :y="20" tone="do" />
    <Say n="brush" :x="270" :y="92" tone="do" />
    <Say n="soot" :x="270" :y="106" />
    <Say n="nozzle" :x="6" :y="206" />
    <Say n="trade" :x="200" :y="222" tone="soft" at="middle" />
  </g>
</template>
