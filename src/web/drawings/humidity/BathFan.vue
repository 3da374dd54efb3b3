<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="20" y="20" width="320" height="16" />
    <rect class="blank" x="120" y="36" width="120" height="50" />
    <circle class="wash" cx="160" cy="60" r="18" />
    <path class="ink" d="M160 60 L176 60" />
    <path class="ink" d="M160 60 L152.0 73.92" />
    <path class="ink" d="M160 60 L152.0 46.08" />
    <path class="pipe" d="M240 56 H330" />
    <path class="act" d="M110 120 H250 L238 132 H122 Z" />
    <line class="go" x1="130" y1="122" x2="126" y2="130" />
    <line class="go" x1="150" y1="122" x2="146" y2="130" />
    <line class="go" x1="170" y1="122" x2="166" y2="130" />
    <line class="go" x1="190" y1="122" x2="186" y2="130" />
    <line class="go" x1="210" y1="122" x2="206" y2="130" />
    <line class="go" x1="230" y1="122" x2="226" y2="130" />
    <Arrow path="180 160 180 138" tone="do" />
    <Say n="duct" :x="254" :y="80" />
    <Say n="wheel" :x="112" :y="64" at="end" />
    <Say n="grille" :x="258" :y="130" tone="do" />
    <Say n="brush" :x="180" :y="174" tone="do" at="middle" />
    <Say n="paper" :x="180" :y="206" tone="air" at="middle" />
  </g>
</template>
