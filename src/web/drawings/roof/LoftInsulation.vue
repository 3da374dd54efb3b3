<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <path class="ink" d="M20 110 L180 6 L340 110" />
    <rect class="wash" x="30" y="176" width="270" height="12" />
    <rect class="blank" x="50" y="132" width="10" height="44" />
    <rect class="blank" x="106" y="132" width="10" height="44" />
    <rect class="blank" x="162" y="132" width="10" height="44" />
    <rect class="blank" x="218" y="132" width="10" height="44" />
    <rect class="blank" x="274" y="132" width="10" height="44" />
    <rect class="warm" x="60" y="146" width="46" height="30" />
    <rect class="warm" x="116" y="146" width="46" height="30" />
    <rect class="warm" x="172" y="146" width="46" height="30" />
    <rect class="warm" x="228" y="146" width="46" height="30" />
    <rect class="act" x="46" y="120" width="240" height="22" />
    <Arrow path="344 160 344 120" tone="air" />
    <rect class="bad" x="292" y="158" width="16" height="18" />
    <Say n="across" :x="170" :y="114" tone="do" at="middle" />
    <Say n="between" :x="190" :y="206" at="middle" />
    <Say n="eaves" :x="356" :y="180" tone="air" at="end" />
    <Say n="lamp" :x="290" :y="222" tone="risk" at="middle" />
    <Say n="depth" :x="60" :y="226" tone="do" at="middle" />
    <Say n="walk" :x="180" :y="86" tone="soft" at="middle" />
  </g>
</template>
