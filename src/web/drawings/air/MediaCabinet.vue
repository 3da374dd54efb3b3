<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="150" y="40" width="120" height="150" />
    <rect class="blank" x="80" y="56" width="70" height="118" />
    <path class="act" d="M96 62 h38 v106 h-38 Z" />
    <path
      class="go"
      d="M98 68 L132 74 M98 80 L132 86 M98 92 L132 98 M98 104 L132 110 M98 116 L132 122 M98 128 L132 134 M98 140 L132 146 M98 152 L132 158 "
    />
    <path class="blank" d="M80 56 L40 72 V190 L80 174 Z" />
    <Arrow path="88 30 88 50" tone="do" />
    <Arrow path="280 116 320 116" tone="risk" />
    <Say n="air" :x="290" :y="104" tone="risk" />
    <Say n="door" :x="22" :y="62" />
    <Say n="unit" :x="210" :y="118" at="middle" />
    <Say n="thick" :x="76" :y="206" tone="do" at="middle" />
    <Say n="pull" :x="96" :y="24" tone="do" />
  </g>
</template>
