<script setup lang="ts">
import { Arrow, Flame, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="wash" d="M60 60 L100 20 H200 L240 60 Z" />
    <rect class="act" x="66" y="60" width="168" height="12" />
    <line class="go" x1="74" y1="61" x2="70" y2="71" />
    <line class="go" x1="88" y1="61" x2="84" y2="71" />
    <line class="go" x1="102" y1="61" x2="98" y2="71" />
    <line class="go" x1="116" y1="61" x2="112" y2="71" />
    <line class="go" x1="130" y1="61" x2="126" y2="71" />
    <line class="go" x1="144" y1="61" x2="140" y2="71" />
    <line class="go" x1="158" y1="61" x2="154" y2="71" />
    <line class="go" x1="172" y1="61" x2="168" y2="71" />
    <line class="go" x1="186" y1="61" x2="182" y2="71" />
    <line class="go" x1="200" y1="61" x2="196" y2="71" />
    <line class="go" x1="214" y1="61" x2="210" y2="71" />
    <line class="go" x1="228" y1="61" x2="224" y2="71" />

    <Arrow path="150 130 150 84" tone="air" />
    <rect class="blank" x="60" y="150" width="180" height="14" />
    <Flame :x="110" :y="150" :h="16" />
    <Flame :x="190" :y="150" :h="16" />
    <rect class="water" x="270" y="110" width="70" height="60" />
    <rect class="act" x="282" y="104" width="46" height="40" />
    <Say n="filter" :x="14" :y="116" tone="do" line="60 100 80 74" />
    <Say n="soak" :x="304" :y="186" tone="do" at="middle" />
    <Say n="hot" :x="304" :y="200" tone="soft" at="middle" />
    <Say n="coal" :x="256" :y="46" />
    <Say n="grease" :x="160" :y="196" tone="risk" at="middle" />
    <Say n="catch" :x="256" :y="66" tone="soft" />
  </g>
</template>
