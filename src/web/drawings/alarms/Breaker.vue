<script setup lang="ts">
import { Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="30" y="20" width="120" height="190" />
    <rect class="blank" x="44" y="36" width="40" height="22" />
    <rect class="blank" x="96" y="36" width="40" height="22" />
    <rect class="blank" x="44" y="70" width="40" height="22" />
    <rect class="blank" x="96" y="70" width="40" height="22" />
    <rect class="blank" x="44" y="104" width="40" height="22" />
    <rect class="blank" x="96" y="104" width="40" height="22" />
    <rect class="blank" x="44" y="138" width="40" height="22" />
    <rect class="blank" x="96" y="138" width="40" height="22" />
    <rect class="blank" x="44" y="172" width="40" height="22" />
    <rect class="blank" x="96" y="172" width="40" height="22" />
    <rect class="ink" x="48" y="40" width="12" height="14" />
    <rect class="ink" x="120" y="40" width="12" height="14" />
    <rect class="ink" x="48" y="74" width="12" height="14" />
    <rect class="ink" x="120" y="74" width="12" height="14" />
    <rect class="ink" x="48" y="108" width="12" height="14" />
    <rect class="ink" x="120" y="108" width="12" height="14" />
    <rect class="ink" x="48" y="142" width="12" height="14" />
    <rect class="ink" x="120" y="142" width="12" height="14" />
    <rect class="ink" x="48" y="176" width="12" height="14" />
    <rect class="ink" x="120" y="176" width="12" height="14" />
    <rect class="bad" x="96" y="104" width="40" height="22" />
    <rect class="stop" x="110" y="108" width="12" height="14" />
    <Say n="panel" :x="90" :y="14" at="middle" />
    <Say n="tripped" :x="172" :y="102" tone="risk" line="168 106 138 114" />
    <Say n="middle" :x="172" :y="116" tone="soft" />
    <Num :n="1" :x="182" :y="146" />
    <Say n="off" :x="198" :y="150" tone="do" />
    <Num :n="2" :x="182" :y="170" />
    <Say n="on" :x="198" :y="174" tone="do" />
    <Say n="again" :x="172" :y="206" tone="risk" />
  </g>
</template>
