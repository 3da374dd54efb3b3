<script setup lang="ts">
import { Flame, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <line class="hair" x1="180" y1="20" x2="180" y2="214" />
    <rect class="wash" x="40" y="136" width="32" height="36" />
    <Flame :x="56" :y="136" :h="52" />
    <rect class="wash" x="82" y="136" width="32" height="36" />
    <Flame :x="98" :y="136" :h="52" />
    <rect class="wash" x="124" y="136" width="32" height="36" />
    <Flame :x="140" :y="136" :h="52" />
    <rect class="wash" x="206" y="136" width="32" height="36" />
    <Flame :x="222" :y="136" :good="false" :h="84" />
    <rect class="wash" x="252" y="136" width="32" height="36" />
    <Flame :x="268" :y="136" :good="false" :h="84" />
    <rect class="wash" x="298" y="136" width="32" height="36" />
    <Flame :x="314" :y="136" :good="false" :h="84" />
    <Say n="good" :x="98" :y="30" tone="do" at="middle" />
    <Say n="bad" :x="268" :y="30" tone="risk" at="middle" />
    <Say n="blue" :x="98" :y="194" at="middle" />
    <Say n="orange" :x="268" :y="194" at="middle" />
    <Say n="off" :x="268" :y="222" tone="risk" at="middle" />
  </g>
</template>
