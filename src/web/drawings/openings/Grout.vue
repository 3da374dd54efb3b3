<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="blank" x="20" y="30" width="54" height="54" />
    <rect class="blank" x="20" y="92" width="54" height="54" />
    <rect class="blank" x="20" y="154" width="54" height="54" />
    <rect class="blank" x="82" y="30" width="54" height="54" />
    <rect class="blank" x="82" y="92" width="54" height="54" />
    <rect class="blank" x="82" y="154" width="54" height="54" />
    <rect class="blank" x="144" y="30" width="54" height="54" />
    <rect class="blank" x="144" y="92" width="54" height="54" />
    <rect class="blank" x="144" y="154" width="54" height="54" />
    <path class="bad" d="M76 30 V210 H80 V30 Z" />
    <path class="act" d="M20 148 H206 V152 H20 Z" />
    <path class="ink" d="M250 60 L300 110 L290 120 L240 70 Z" />
    <rect class="wash" x="290" y="108" width="16" height="16" />
    <Say n="rake" :x="232" :y="40" tone="risk" />
    <Say n="fill" :x="232" :y="160" tone="do" />
    <Say n="corner" :x="232" :y="196" tone="risk" />
    <Say n="seal" :x="110" :y="226" tone="soft" at="middle" />
  </g>
</template>
