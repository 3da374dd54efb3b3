<script setup lang="ts">
import { Flame, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="60" y="30" width="180" height="180" />
    <rect class="blank" x="80" y="60" width="140" height="110" />
    <path class="warm" d="M90 160 h120 v10 h-120 Z" />
    <Flame :x="116" :y="160" :h="22" />
    <Flame :x="150" :y="160" :good="false" />
    <Flame :x="184" :y="160" :h="22" />
    <path class="pipe" d="M150 30 V8" />
    <rect class="act" x="90" y="186" width="30" height="12" />
    <circle class="bad" cx="200" cy="192" r="5" />
    <Say n="glass" :x="254" :y="80" tone="do" />
    <Say n="flame" :x="254" :y="112" />
    <Say n="valve" :x="254" :y="196" />
    <Say n="dust" :x="254" :y="140" tone="do" />
    <Say n="soot" :x="254" :y="166" tone="risk" />
    <Say n="vent" :x="166" :y="20" tone="soft" />
  </g>
</template>
