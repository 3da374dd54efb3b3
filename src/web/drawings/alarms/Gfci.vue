<script setup lang="ts">
import { Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="60" y="20" width="110" height="190" rx="6" />
    <line class="ink" x1="98" y1="52" x2="98" y2="68" />
    <line class="ink" x1="132" y1="50" x2="132" y2="70" />
    <circle class="blank" cx="115" cy="82" r="5" />
    <line class="ink" x1="98" y1="150" x2="98" y2="166" />
    <line class="ink" x1="132" y1="148" x2="132" y2="168" />
    <circle class="blank" cx="115" cy="180" r="5" />
    <rect class="bad" x="84" y="98" width="62" height="14" rx="2" />
    <rect class="act" x="84" y="120" width="62" height="14" rx="2" />
    <Say n="test" :x="190" :y="104" tone="risk" line="186 100 148 105" />
    <Say n="reset" :x="190" :y="146" tone="do" line="186 142 148 127" />
    <Num :n="1" :x="320" :y="100" tone="risk" />
    <Num :n="2" :x="320" :y="142" tone="do" />
    <Say n="dead" :x="190" :y="178" />
    <Say n="lamp" :x="190" :y="60" tone="soft" />
  </g>
</template>
