<script setup lang="ts">
import { Flame, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M40 60 L180 8 L320 60 Z" />
    <rect class="blank" x="52" y="60" width="256" height="66" />
    <rect class="blank" x="52" y="126" width="256" height="66" />
    <line class="ink" x1="140" y1="60" x2="140" y2="126" />
    <line class="ink" x1="220" y1="60" x2="220" y2="126" />
    <line class="ink" x1="170" y1="126" x2="170" y2="192" />
    <path class="act" d="M87 61 h18 l-4 8 h-10 Z" />
    <path class="act" d="M171 61 h18 l-4 8 h-10 Z" />
    <path class="act" d="M255 61 h18 l-4 8 h-10 Z" />
    <path class="act" d="M101 127 h18 l-4 8 h-10 Z" />
    <circle class="water" cx="180" cy="96" r="6" />
    <circle class="water" cx="200" cy="150" r="6" />
    <Flame :x="290" :y="188" :h="14" />
    <Say n="bedroom" :x="96" :y="116" tone="soft" at="middle" />
    <Say n="hall" :x="180" :y="118" tone="soft" at="middle" />
    <Say n="bedroom2" :x="264" :y="116" tone="soft" at="middle" />
    <Say n="living" :x="110" :y="184" tone="soft" at="middle" />
    <Say n="kitchen" :x="240" :y="184" tone="soft" at="middle" />
    <path class="act" d="M21 202 h18 l-4 8 h-10 Z" />
    <circle class="water" cx="30" cy="222" r="6" />
    <Say n="smoke" :x="46" :y="210" />
    <Say n="co" :x="46" :y="226" />
  </g>
</template>
