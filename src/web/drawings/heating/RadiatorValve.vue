<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="30" y="40" width="20" height="120" />
    <rect class="wash" x="54" y="40" width="20" height="120" />
    <rect class="wash" x="78" y="40" width="20" height="120" />
    <rect class="wash" x="102" y="40" width="20" height="120" />
    <rect class="wash" x="126" y="40" width="20" height="120" />
    <rect class="wash" x="150" y="40" width="20" height="120" />
    <path class="pipe" d="M174 140 H226 V214" />
    <rect class="blank" x="214" y="116" width="24" height="40" />
    <rect class="act" x="216" y="96" width="20" height="18" />
    <rect class="blank" x="212" y="62" width="28" height="32" rx="4" />
    <Arrow path="270 96 246 104" tone="do" />
    <Say n="head" :x="250" :y="72" />
    <Say n="gland" :x="274" :y="94" tone="do" />
    <Say n="wet" :x="274" :y="112" tone="risk" />
    <Say n="radiator" :x="100" :y="182" at="middle" />
    <Say n="towel" :x="240" :y="206" tone="soft" />
  </g>
</template>
