<script setup lang="ts">
import { Arrow, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="90" y="20" width="180" height="130" />
    <path class="act" d="M86 140 H274 V152 H86 Z" />
    <path class="act" d="M90 152 v14" />
    <path class="act" d="M102 152 v14" />
    <path class="act" d="M114 152 v14" />
    <path class="act" d="M126 152 v14" />
    <path class="act" d="M138 152 v14" />
    <path class="act" d="M150 152 v14" />
    <path class="act" d="M162 152 v14" />
    <path class="act" d="M174 152 v14" />
    <path class="act" d="M186 152 v14" />
    <path class="act" d="M198 152 v14" />
    <path class="act" d="M210 152 v14" />
    <path class="act" d="M222 152 v14" />
    <path class="act" d="M234 152 v14" />
    <path class="act" d="M246 152 v14" />
    <path class="act" d="M258 152 v14" />
    <path class="act" d="M270 152 v14" />
    <rect class="warm" x="60" y="170" width="240" height="22" />
    <ellipse class="blank" cx="116" cy="146" rx="7" ry="3" />
    <ellipse class="blank" cx="180" cy="146" rx="7" ry="3" />
    <ellipse class="blank" cx="244" cy="146" rx="7" ry="3" />
    <Arrow path="310 108 286 142" tone="do" />
    <Say n="door" :x="180" :y="80" tone="soft" at="middle" />
    <Say n="slot" :x="282" :y="100" tone="do" />
    <Say n="touch" :x="180" :y="212" tone="do" at="middle" />
    <Say n="cut" :x="14" :y="40" />
    <Say n="seal" :x="14" :y="150" />
  </g>
</template>
