<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="60" y="30" width="70" height="170" />
    <rect class="wash" x="190" y="30" width="70" height="170" />
    <rect class="act" x="126" y="70" width="68" height="90" rx="4" />
    <line class="go" x1="126" y1="88" x2="194" y2="88" />
    <line class="go" x1="126" y1="106" x2="194" y2="106" />
    <line class="go" x1="126" y1="124" x2="194" y2="124" />
    <line class="go" x1="126" y1="142" x2="194" y2="142" />
    <line class="ink" x1="160" y1="40" x2="160" y2="70" />
    <circle class="bad" cx="160" cy="36" r="5" />
    <Arrow path="220 20 172 34" tone="do" />
    <circle class="blank" cx="138" cy="84" r="3" />
    <circle class="blank" cx="138" cy="144" r="3" />
    <circle class="blank" cx="182" cy="84" r="3" />
    <circle class="blank" cx="182" cy="144" r="3" />
    <Say n="pin" :x="224" :y="22" tone="do" />
    <Say n="oil" :x="272" :y="96" tone="do" />
    <Say n="paint" :x="272" :y="130" tone="risk" />
    <Say n="door" :x="95" :y="120" tone="soft" at="middle" />
    <Say n="frame" :x="225" :y="184" tone="soft" at="middle" />
    <Say n="one" :x="160" :y="220" at="middle" />
  </g>
</template>
