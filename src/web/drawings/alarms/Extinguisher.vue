<script setup lang="ts">
import { Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="bad" x="60" y="70" width="56" height="130" rx="10" />
    <path class="ink" d="M76 70 V54 H112 L136 44 M76 54 L130 62" />
    <circle class="blank" cx="84" cy="48" r="10" />
    <path class="go" d="M84 48 L90 42" />
    <circle class="blank" cx="122" cy="36" r="5" />
    <path class="ink" d="M66 56 Q30 90 44 130" />
    <Say n="gauge" :x="14" :y="24" tone="do" at="start" line="50 28 78 42" />
    <Say n="pin" :x="140" :y="30" />
    <Num :n="1" :x="182" :y="78" />
    <Say n="pull" :x="198" :y="82" tone="do" />
    <Num :n="2" :x="182" :y="104" />
    <Say n="aim" :x="198" :y="108" tone="do" />
    <Num :n="3" :x="182" :y="130" />
    <Say n="squeeze" :x="198" :y="134" tone="do" />
    <Num :n="4" :x="182" :y="156" />
    <Say n="sweep" :x="198" :y="160" tone="do" />
    <Say n="only" :x="180" :y="196" tone="risk" />
  </g>
</template>
