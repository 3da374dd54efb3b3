<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="blank" x="18" y="50" width="72" height="92" />
    <line class="thin ink" x1="24" y1="58" x2="24" y2="134" />
    <line class="thin ink" x1="39" y1="58" x2="39" y2="134" />
    <line class="thin ink" x1="54" y1="58" x2="54" y2="134" />
    <line class="thin ink" x1="69" y1="58" x2="69" y2="134" />
    <line class="thin ink" x1="84" y1="58" x2="84" y2="134" />
    <Say n="white" :x="54" :y="162" tone="do" at="middle" />
    <rect class="wash" x="102" y="50" width="72" height="92" />
    <line class="thin ink" x1="108" y1="58" x2="108" y2="134" />
    <line class="thin ink" x1="123" y1="58" x2="123" y2="134" />
    <line class="thin ink" x1="138" y1="58" x2="138" y2="134" />
    <line class="thin ink" x1="153" y1="58" x2="153" y2="134" />
    <line class="thin ink" x1="168" y1="58" x2="168" y2="134" />
    <Say n="light" :x="138" :y="162" at="middle" />
    <rect class="warm" x="186" y="50" width="72" height="92" />
    <line class="thin ink" x1="192" y1="58" x2="192" y2="134" />
    <line class="thin ink" x1="207" y1="58" x2="207" y2="134" />
    <line class="thin ink" x1="222" y1="58" x2="222" y2="134" />
    <line class="thin ink" x1="237" y1="58" x2="237" y2="134" />
    <line class="thin ink" x1="252" y1="58" x2="252" y2="134" />
    <Say n="grey" :x="222" :y="162" at="middle" />
    <rect class="bad" x="270" y="50" width="72" height="92" />
    <line class="stop" x1="276" y1="58" x2="276" y2="134" />
    <line class="stop" x1="291" y1="58" x2="291" y2="134" />
    <line class="stop" x1="306" y1="58" x2="306" y2="134" />
    <line class="stop" x1="321" y1="58" x2="321" y2="134" />
    <line class="stop" x1="336" y1="58" x2="336" y2="134" />
    <Say n="dark" :x="306" :y="162" tone="risk" at="middle" />
    <Say n="good" :x="54" :y="40" tone="do" at="middle" />
    <Say n="soon" :x="222" :y="40" at="middle" />
    <Say n="now" :x="306" :y="40" tone="risk" at="middle" />
    <Arrow path="40 200 320 200" tone="soft" />
    <Say n="weeks" :x="180" :y="220" tone="soft" at="middle" />
  </g>
</template>
