<script setup lang="ts">
import { Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="20" y="30" width="66" height="36" />
    <rect class="wash" x="92" y="30" width="66" height="36" />
    <rect class="wash" x="164" y="30" width="66" height="36" />
    <rect class="wash" x="20" y="74" width="66" height="36" />
    <rect class="wash" x="92" y="74" width="66" height="36" />
    <rect class="wash" x="164" y="74" width="66" height="36" />
    <rect class="wash" x="20" y="118" width="66" height="36" />
    <rect class="wash" x="92" y="118" width="66" height="36" />
    <rect class="wash" x="164" y="118" width="66" height="36" />
    <rect class="wash" x="20" y="162" width="66" height="36" />
    <rect class="wash" x="92" y="162" width="66" height="36" />
    <rect class="wash" x="164" y="162" width="66" height="36" />
    <path class="bad" d="M20 67 H230 V73 H20 Z" />
    <rect class="act" x="20" y="111" width="210" height="6" />
    <line class="go" x1="258" y1="114" x2="306" y2="114" />
    <path class="ink" d="M236 108 h22 v12 h-22 Z" />
    <Say n="crumbles" :x="240" :y="74" tone="risk" />
    <Say n="new" :x="240" :y="142" tone="do" />
    <Say n="rake" :x="240" :y="36" />
    <Say n="soft" :x="20" :y="222" tone="soft" />
    <Say n="damp" :x="240" :y="190" tone="do" />
  </g>
</template>
