<script setup lang="ts">
import { Flame, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M50 214 V130 L100 90 V10 H150 V90 L200 130 V214 Z" />
    <path class="blank" d="M70 214 V140 H180 V214 Z" />
    <line class="go" x1="104" y1="92" x2="140" y2="74" />
    <path class="warm" d="M90 204 h70 v10 h-70 Z" />
    <Flame :x="112" :y="204" :good="false" :h="30" />
    <Flame :x="140" :y="204" :good="false" :h="24" />
    <rect class="bad" x="150" y="12" width="8" height="70" />
    <Say n="damper" :x="216" :y="72" tone="do" line="212 70 140 78" />
    <Say n="soot" :x="216" :y="30" tone="risk" line="212 28 158 40" />
    <Say n="doors" :x="216" :y="160" tone="do" />
    <Say n="ash" :x="216" :y="204" />
    <Say n="open" :x="216" :y="88" tone="soft" />
    <Say n="sweep" :x="6" :y="40" />
  </g>
</template>
