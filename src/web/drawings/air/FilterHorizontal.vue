<script setup lang="ts">
import { Arrow, Flame, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="88" y="76" width="200" height="84" />
    <line class="ink" x1="160" y1="76" x2="160" y2="160" />
    <line class="ink" x1="226" y1="76" x2="226" y2="160" />
    <circle class="blank" cx="124" cy="118" r="26" />
    <path class="ink" d="M98 118 A26 26 0 0 1 150 118 Z" />
    <Flame :x="178" :y="152" :h="24" />
    <Flame :x="204" :y="152" :h="24" />
    <path class="ink" d="M234 148 L244 90 L254 148 L264 90 L274 148" />
    <rect class="act" x="76" y="70" width="12" height="96" />
    <Arrow path="30 118 70 118" tone="risk" />
    <Arrow path="292 118 330 118" tone="risk" />
    <Say n="filter" :x="82" :y="62" tone="do" at="middle" />
    <Say n="from" :x="6" :y="140" tone="risk" />
    <Say n="out" :x="298" :y="140" tone="risk" />
    <Say n="blower" :x="124" :y="180" at="middle" />
    <Say n="burners" :x="192" :y="180" at="middle" />
    <Say n="coil" :x="256" :y="180" at="middle" />
    <line class="hair" x1="40" y1="206" x2="320" y2="206" />
    <Say n="attic" :x="180" :y="222" tone="soft" at="middle" />
  </g>
</template>
