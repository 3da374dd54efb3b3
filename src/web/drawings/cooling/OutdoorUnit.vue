<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <line class="ink" x1="10" y1="196" x2="350" y2="196" />
    <rect class="wash" x="140" y="110" width="84" height="86" />
    <line class="thin ink" x1="150" y1="118" x2="150" y2="188" />
    <line class="thin ink" x1="161" y1="118" x2="161" y2="188" />
    <line class="thin ink" x1="172" y1="118" x2="172" y2="188" />
    <line class="thin ink" x1="183" y1="118" x2="183" y2="188" />
    <line class="thin ink" x1="194" y1="118" x2="194" y2="188" />
    <line class="thin ink" x1="205" y1="118" x2="205" y2="188" />
    <line class="thin ink" x1="216" y1="118" x2="216" y2="188" />
    <path class="blank" d="M140 110 h84 v-10 h-84 Z" />
    <Arrow path="182 92 182 60" tone="air" />
    <Say n="out" :x="192" :y="66" tone="air" />
    <path class="warm" d="M40 196 q-6 -40 16 -60 q22 20 16 60 Z" />
    <path class="warm" d="M290 196 q-6 -40 16 -60 q22 20 16 60 Z" />
    <Arrow path="80 174 136 174" tone="do" both />
    <Arrow path="228 174 288 174" tone="do" both />
    <Say n="gap" :x="108" :y="162" tone="do" at="middle" />
    <Say n="gap2" :x="258" :y="162" tone="do" at="middle" />
    <Arrow path="270 100 230 124" tone="air" />
    <Say n="hose" :x="276" :y="98" tone="air" />
    <rect class="blank" x="10" y="120" width="18" height="40" />
    <Say n="switch" :x="10" :y="114" />
    <Say n="clear" :x="182" :y="216" at="middle" />
  </g>
</template>
