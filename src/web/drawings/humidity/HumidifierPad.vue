<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="100" y="36" width="120" height="150" />
    <path class="act" d="M140 64 H180 V156 H140 Z" />
    <path class="go" d="M142 68 L178 78" />
    <path class="go" d="M142 80 L178 90" />
    <path class="go" d="M142 92 L178 102" />
    <path class="go" d="M142 104 L178 114" />
    <path class="go" d="M142 116 L178 126" />
    <path class="go" d="M142 128 L178 138" />
    <path class="go" d="M142 140 L178 150" />
    <rect class="water" x="120" y="50" width="80" height="10" />
    <path class="pipe" d="M20 55 H116" />
    <path class="pipe" d="M160 170 V216" />
    <line class="go" x1="60" y1="40" x2="60" y2="52" />
    <path class="go" d="M50 40 H70" />
    <Arrow path="232 110 276 110" tone="air" />
    <Say n="air" :x="240" :y="98" tone="air" />
    <Say n="valve" :x="60" :y="32" tone="do" at="middle" />
    <Say n="tray" :x="160" :y="30" at="middle" />
    <Say n="pad" :x="126" :y="112" tone="do" at="end" />
    <Say n="drain" :x="172" :y="208" />
    <Say n="once" :x="234" :y="150" tone="do" />
  </g>
</template>
