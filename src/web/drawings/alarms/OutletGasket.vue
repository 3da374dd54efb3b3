<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="40" y="40" width="16" height="150" />
    <rect class="warm" x="56" y="40" width="60" height="150" />
    <rect class="blank" x="116" y="40" width="10" height="150" />
    <rect class="blank" x="70" y="96" width="46" height="40" />
    <rect class="act" x="132" y="86" width="10" height="60" />
    <rect class="blank" x="158" y="84" width="10" height="64" />
    <line class="hair dash" x1="126" y1="116" x2="200" y2="116" />
    <circle class="blank" cx="196" cy="116" r="4" />
    <Arrow path="20 116 64 116" tone="air" />
    <Say n="cold" :x="6" :y="100" tone="air" />
    <Say n="box" :x="93" :y="80" at="middle" />
    <Say n="gasket" :x="140" :y="212" tone="do" at="middle" line="138 200 137 150" />
    <Say n="plate" :x="164" :y="72" at="middle" />
    <Say n="screw" :x="206" :y="120" />
    <Say n="off" :x="206" :y="50" tone="risk" />
    <Say n="wall" :x="206" :y="176" tone="soft" />
  </g>
</template>
