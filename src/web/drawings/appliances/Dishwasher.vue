<script setup lang="ts">
import { Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <rect class="wash" x="60" y="20" width="180" height="190" />
    <rect class="blank" x="74" y="40" width="152" height="150" />
    <path class="ink" d="M90 80 H210 M90 130 H210" />
    <path class="act" d="M110 100 H190 L150 92 Z" />
    <path class="act" d="M100 156 H200 L150 148 Z" />
    <circle class="bad" cx="150" cy="178" r="10" />
    <path class="go" d="M70 36 H230" />
    <rect class="act" x="212" y="90" width="12" height="16" />
    <path class="pipe" d="M240 180 H276 V60 H300 V120" />
    <Num :n="1" :x="150" :y="178" tone="risk" />
    <Num :n="2" :x="96" :y="96" />
    <Num :n="3" :x="254" :y="32" />
    <Num :n="4" :x="254" :y="98" />
    <Num :n="5" :x="286" :y="46" />
    <Say n="list1" :x="290" :y="146" />
    <Say n="list2" :x="290" :y="162" />
    <Say n="list3" :x="290" :y="178" />
    <Say n="list4" :x="290" :y="194" />
    <Say n="list5" :x="290" :y="210" />
  </g>
</template>
