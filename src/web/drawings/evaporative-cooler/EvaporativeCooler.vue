<script setup lang="ts">
import { Arrow, Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="100" y="50" width="150" height="120" />
    <rect class="act" x="90" y="60" width="12" height="90" />
    <rect class="act" x="248" y="60" width="12" height="90" />
    <circle class="blank" cx="180" cy="100" r="28" />
    <path class="ink" d="M152 100 A28 28 0 0 1 208 100 Z" />
    <rect class="water" x="106" y="150" width="138" height="18" />
    <path class="pipe" d="M40 158 H100" />
    <circle class="bad" cx="60" cy="158" r="9" />
    <path class="pipe" d="M200 170 V206" />
    <Arrow path="212 188 212 212" tone="air" />
    <path class="hair dash" d="M84 44 H266 V178 H84 Z" />
    <circle class="act" cx="130" cy="146" r="7" />
    <Num :n="1" :x="36" :y="136" tone="risk" />
    <Say n="shut" :x="14" :y="190" tone="risk" />
    <Num :n="2" :x="236" :y="198" />
    <Say n="drain" :x="250" :y="202" tone="do" />
    <Say n="pads" :x="290" :y="100" tone="do" />
    <Say n="float" :x="14" :y="104" line="40 108 123 144" />
    <Num :n="3" :x="290" :y="52" />
    <Say n="cover" :x="304" :y="56" tone="do" />
    <Say n="blower" :x="180" :y="40" tone="soft" at="middle" />
  </g>
</template>
