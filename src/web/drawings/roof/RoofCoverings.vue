<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="12" y="50" width="58" height="110" />
    <line class="ink thin" x1="12" y1="68" x2="70" y2="68" />
    <line class="ink thin" x1="30" y1="50" x2="30" y2="68" />
    <line class="ink thin" x1="48" y1="50" x2="48" y2="68" />
    <line class="ink thin" x1="66" y1="50" x2="66" y2="68" />
    <line class="ink thin" x1="12" y1="86" x2="70" y2="86" />
    <line class="ink thin" x1="21" y1="68" x2="21" y2="86" />
    <line class="ink thin" x1="39" y1="68" x2="39" y2="86" />
    <line class="ink thin" x1="57" y1="68" x2="57" y2="86" />
    <line class="ink thin" x1="12" y1="104" x2="70" y2="104" />
    <line class="ink thin" x1="30" y1="86" x2="30" y2="104" />
    <line class="ink thin" x1="48" y1="86" x2="48" y2="104" />
    <line class="ink thin" x1="66" y1="86" x2="66" y2="104" />
    <line class="ink thin" x1="12" y1="122" x2="70" y2="122" />
    <line class="ink thin" x1="21" y1="104" x2="21" y2="122" />
    <line class="ink thin" x1="39" y1="104" x2="39" y2="122" />
    <line class="ink thin" x1="57" y1="104" x2="57" y2="122" />
    <line class="ink thin" x1="12" y1="140" x2="70" y2="140" />
    <line class="ink thin" x1="30" y1="122" x2="30" y2="140" />
    <line class="ink thin" x1="48" y1="122" x2="48" y2="140" />
    <line class="ink thin" x1="66" y1="122" x2="66" y2="140" />
    <line class="ink thin" x1="21" y1="140" x2="21" y2="158" />
    <line class="ink thin" x1="39" y1="140" x2="39" y2="158" />
    <line class="ink thin" x1="57" y1="140" x2="57" y2="158" />
    <rect class="wash" x="82" y="50" width="58" height="110" />
    <line class="ink" x1="94" y1="50" x2="94" y2="160" />
    <line class="ink" x1="105" y1="50" x2="105" y2="160" />
    <line class="ink" x1="117" y1="50" x2="117" y2="160" />
    <line class="ink" x1="128" y1="50" x2="128" y2="160" />
    <rect class="wash" x="152" y="50" width="58" height="110" />
    <path class="ink thin" d="M152 72 q7 -12 14.5 0 q7 -12 14.5 0 q7 -12 14.5 0 q7 -12 14.5 0" />
    <path class="ink thin" d="M152 94 q7 -12 14.5 0 q7 -12 14.5 0 q7 -12 14.5 0 q7 -12 14.5 0" />
    <path class="ink thin" d="M152 116 q7 -12 14.5 0 q7 -12 14.5 0 q7 -12 14.5 0 q7 -12 14.5 0" />
    <path class="ink thin" d="M152 138 q7 -12 14.5 0 q7 -12 14.5 0 q7 -12 14.5 0 q7 -12 14.5 0" />
    <path class="ink thin" d="M152 160 q7 -12 14.5 0 q7 -12 14.5 0 q7 -12 14.5 0 q7 -12 14.5 0" />
    <rect class="wash" x="222" y="50" width="58" height="110" />
    <path class="ink thin" d="M222 70 l9 2 l10 -3 l10 3 l9 -2 l10 2 l10 -2" />
    <line class="ink thin" x1="260" y1="50" x2="260" y2="70" />
    <path class="ink thin" d="M222 92 l9 2 l10 -3 l10 3 l9 -2 l10 2 l10 -2" />
    <line class="ink thin" x1="242" y1="72" x2="242" y2="92" />
    <path class="ink thin" d="M222 114 l9 2 l10 -3 l10 3 l9 -2 l10 2 l10 -2" />
    <line class="ink thin" x1="260" y1="94" x2="260" y2="114" />
    <path class="ink thin" d="M222 136 l9 2 l10 -3 l10 3 l9 -2 l10 2 l10 -2" />
    <line class="ink thin" x1="242" y1="116" x2="242" y2="136" />
    <path class="ink thin" d="M222 158 l9 2 l10 -3 l10 3 l9 -2 l10 2 l10 -2" />
    <line class="ink thin" x1="260" y1="138" x2="260" y2="158" />
    <rect class="wash" x="292" y="50" width="58" height="110" />
    <line class="hair dash" x1="321" y1="50" x2="321" y2="160" />
    <path class="water thin" d="M302 120 q19 -8 38 0 q-19 8 -38 0 Z" />
    <Say n="shingle" :x="41" :y="180" at="middle" />
    <Say n="metal" :x="111" :y="180" at="middle" />
    <Say n="tile" :x="181" :y="180" at="middle" />
    <Say n="slate" :x="251" :y="180" at="middle" />
    <Say n="flat" :x="321" :y="180" at="middle" />
    <Say n="lasts" :x="180" :y="212" tone="soft" at="middle" />
  </g>
</template>
