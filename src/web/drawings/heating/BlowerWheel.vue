<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <circle class="wash" cx="95" cy="104" r="62" />
    <circle class="blank" cx="95" cy="104" r="38" />
    <circle class="ink" cx="95" cy="104" r="7" />
    <circle class="wash" cx="265" cy="104" r="62" />
    <circle class="blank" cx="265" cy="104" r="38" />
    <circle class="ink" cx="265" cy="104" r="7" />
    <path class="ink" d="M135.0 104.0 Q146.4 111.8 155.0 104.0" />
    <path class="ink" d="M129.6 124.0 Q135.6 136.4 147.0 134.0" />
    <path class="ink" d="M115.0 138.6 Q114.0 152.4 125.0 156.0" />
    <path class="ink" d="M95.0 144.0 Q87.2 155.4 95.0 164.0" />
    <path class="ink" d="M75.0 138.6 Q62.6 144.6 65.0 156.0" />
    <path class="ink" d="M60.4 124.0 Q46.6 123.0 43.0 134.0" />
    <path class="ink" d="M55.0 104.0 Q43.6 96.2 35.0 104.0" />
    <path class="ink" d="M60.4 84.0 Q54.4 71.6 43.0 74.0" />
    <path class="ink" d="M75.0 69.4 Q76.0 55.6 65.0 52.0" />
    <path class="ink" d="M95.0 64.0 Q102.8 52.6 95.0 44.0" />
    <path class="ink" d="M115.0 69.4 Q127.4 63.4 125.0 52.0" />
    <path class="ink" d="M129.6 84.0 Q143.4 85.0 147.0 74.0" />
    <path class="bad" d="M305.0 104.0 Q316.4 111.8 325.0 104.0 L318.5 120.5 Z" />
    <path class="bad" d="M299.6 124.0 Q305.6 136.4 317.0 134.0 L303.1 145.1 Z" />
    <path class="bad" d="M285.0 138.6 Q284.0 152.4 295.0 156.0 L277.4 158.6 Z" />
    <path class="bad" d="M265.0 144.0 Q257.2 155.4 265.0 164.0 L248.5 157.5 Z" />
    <path class="bad" d="M245.0 138.6 Q232.6 144.6 235.0 156.0 L223.9 142.1 Z" />
    <path class="bad" d="M230.4 124.0 Q216.6 123.0 213.0 134.0 L210.4 116.4 Z" />
    <path class="bad" d="M225.0 104.0 Q213.6 96.2 205.0 104.0 L211.5 87.5 Z" />
    <path class="bad" d="M230.4 84.0 Q224.4 71.6 213.0 74.0 L226.9 62.9 Z" />
    <path class="bad" d="M245.0 69.4 Q246.0 55.6 235.0 52.0 L252.6 49.4 Z" />
    <path class="bad" d="M265.0 64.0 Q272.8 52.6 265.0 44.0 L281.5 50.5 Z" />
    <path class="bad" d="M285.0 69.4 Q297.4 63.4 295.0 52.0 L306.1 65.9 Z" />
    <path class="bad" d="M299.6 84.0 Q313.4 85.0 317.0 74.0 L319.6 91.6 Z" />
    <Say n="good" :x="95" :y="190" tone="do" at="middle" />
    <Say n="bad" :x="265" :y="190" tone="risk" at="middle" />
    <Say n="mark" :x="180" :y="220" tone="soft" at="middle" />
  </g>
</template>
