<script setup lang="ts">
import { Flame, Num, Say } from '../marks/index.ts';
</script>

<template>
  <g>
    <Num :n="1" :x="28" :y="20" tone="do" />
    <Say n="call" :x="46" :y="24" tone="part" />
    <Num :n="2" :x="28" :y="50" tone="do" />
    <Say n="fan" :x="46" :y="54" tone="part" />
    <Num :n="3" :x="28" :y="80" tone="do" />
    <Say n="pressure" :x="46" :y="84" tone="part" />
    <Num :n="4" :x="28" :y="110" tone="do" />
    <Say n="glow" :x="46" :y="114" tone="part" />
    <Num :n="5" :x="28" :y="140" tone="do" />
    <Say n="gas" :x="46" :y="144" tone="part" />
    <Num :n="6" :x="28" :y="170" tone="do" />
    <Say n="flame" :x="46" :y="174" tone="part" />
    <Num :n="7" :x="28" :y="200" tone="do" />
    <Say n="blower" :x="46" :y="204" tone="part" />
    <rect class="wash" x="222" y="16" width="110" height="196" />
    <line class="ink" x1="222" y1="92" x2="332" y2="92" />
    <line class="ink" x1="222" y1="156" x2="332" y2="156" />
    <circle class="blank" cx="250" cy="40" r="14" />
    <path class="ink" d="M236 40 h28 M250 26 v28" />
    <rect class="blank" x="290" y="30" width="30" height="22" />

    <line class="hair" x1="264" y1="40" x2="290" y2="40" />
    <line class="stop" x1="240" y1="132" x2="264" y2="132" />
    <Flame :x="282" :y="148" :h="30" />
    <Flame :x="306" :y="148" :h="30" />
    <circle class="blank" cx="277" cy="184" r="20" />
    <path class="ink" d="M257 184 A20 20 0 0 1 297 184 Z" />
    <Say n="two" :x="250" :y="68" tone="soft" at="middle" />
    <Say n="three" :x="305" :y="68" tone="soft" at="middle" />
    <Say n="four" :x="248" :y="122" tone="soft" at="middle" />
    <Say n="seven" :x="310" :y="172" tone="soft" at="middle" />
  </g>
</template>
