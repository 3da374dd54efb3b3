<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="blank" x="30" y="40" width="120" height="150" />
    <rect class="wash" x="108" y="100" width="36" height="90" />
    <Arrow path="118 150 230 150" tone="risk" />
    <circle class="ink" cx="250" cy="120" r="9" />
    <path
      class="ink"
      d="M250 129 V164 M250 140 L234 152 M250 140 L268 134 M250 164 L240 188 M250 164 L262 188"
    />
    <rect class="blank" x="268" y="122" width="8" height="14" />
    <rect class="wash" x="57" y="70" width="18" height="26" />
    <line class="stop" x1="51" y1="66" x2="81" y2="100" />
    <line class="stop" x1="81" y1="66" x2="51" y2="100" />
    <Say n="switch" :x="66" :y="120" tone="risk" at="middle" />
    <Say n="leave" :x="190" :y="140" tone="risk" at="middle" />
    <Say n="call" :x="290" :y="128" tone="do" />
    <Say n="then" :x="290" :y="142" tone="do" />
    <Say n="no" :x="36" :y="214" tone="risk" />
    <Say n="wait" :x="220" :y="214" />
  </g>
</template>
