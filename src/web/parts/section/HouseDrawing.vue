<script setup lang="ts">
import { BellOff } from 'lucide-vue-next';
import { computed, ref, useTemplateRef } from 'vue';
import type { AssetKind } from '../../../core/basics/assetKind.ts';
import { nextThing, type Direction } from '../../../core/house/section/nextThing.ts';
import type { HouseSection, PlacedRoom, PlacedThing } from '../../../core/house/section/section.ts';
import type { ThingState } from '../../../core/upkeep/thingState.ts';
import type { Speech } from '../../../locales/speech.ts';
import { THING_ICONS } from '../../kit/thingIcons.ts';
import { labelLines } from './labelLines.ts';
import { skirtingOf } from './skirting.ts';

/**
 * A section through the house with what stands in it. A tap, or the arrow keys and Enter, choose a thing. A state shows by its shape first:
 * overdue a square, due a circle, shut off a diamond.
 */
const props = defineProps<{
  section: HouseSection;
  things: ReadonlyMap<string, { readonly name: string; readonly kind: AssetKind }>;
  states: ReadonlyMap<string, ThingState>;
  /** The things a layer is about; null: all. The others step back. */
  shown: ReadonlySet<string> | null;
  /** The rooms where an alarm is missing, with what to say of it. */
  missing: ReadonlyMap<string, string>;
  speech: Speech;
}>();
const selected = defineModel<string | null>({ required: true });

const svg = useTemplateRef<SVGSVGElement>('svg');
const t = computed(() => props.speech.t);
const marks = computed(() =>
  props.section.rooms.flatMap((room) =>
    room.things.map((thing) => ({ room, thing, id: thing.assets[0] ?? '', ...lookOf(thing, room) })),
  ),
);
const focused = ref(0);

const stateOf = (id: string): ThingState => props.states.get(id) ?? 'quiet';
function lookOf({ assets, folded, box }: PlacedThing, room: PlacedRoom) {
  const [first = ''] = assets;
  const names = assets.map((id) => props.things.get(id)?.name ?? '');
  const state =
    (['late', 'open', 'shut'] as const).find((one) => assets.some((id) => stateOf(id) === one)) ?? 'quiet';
  const name = folded ? t.value('section.more', { n: assets.length }) : (names[0] ?? '');
  return {
    state,
    icon: folded ? null : THING_ICONS[props.things.get(first)?.kind ?? 'other'],
    count: assets.length,
    lines: labelLines(name),
    x: box.x + box.width / 2,
    y: box.y + 22,
    back: props.shown !== null && !assets.some((id) => props.shown?.has(id)),
    says: [
      folded ? names.join(', ') : name,
      roomName(room),
      state === 'quiet' ? '' : t.value(`section.state.${state}`),
    ]
      .filter(Boolean)
      .join(', '),
  };
}

const roomName = ({ names, zone }: PlacedRoom): string =>
  names.length > 0 ? names.join(', ') : zone === 'loose' ? t.value('section.loose') : '';
/** The name of a room, as long as it fits; under a roof it stands over the eaves, in the middle. */
const titles = computed(() =>
  props.section.rooms.map((room) => {
    const { box, zone } = room;
    const under = zone === 'attic' || zone === 'roof';
    const most = Math.max(4, Math.floor((box.width - 10) / 6));
    const name = roomName(room);
    return {
      key: room.spaces.join() || zone,
      text: name.length > most ? `${name.slice(0, most - 1)}…` : name,
      x: under ? box.x + box.width / 2 : box.x + 6,
      y: under ? box.y + box.height - 7 : box.y + 14,
      anchor: under ? ('middle' as const) : ('start' as const),
      missing: room.spaces.map((id) => props.missing.get(id)).find((one) => one !== undefined),
      right: box.x + box.width - 20,
      top: box.y + 3,
    };
  }),
);
const walled = computed(() => props.section.rooms.filter(({ zone }) => zone === 'room' || zone === 'crawl'));
const skirting = computed(() => skirtingOf(props.section));
const outline = computed(() => props.section.roof.map((corner) => corner.join(' ')).join(' L'));

const KEYS: Readonly<Record<string, Direction>> = {
  ArrowLeft: 'left',
  ArrowRight: 'right',
  ArrowUp: 'up',
  ArrowDown: 'down',
};
function onKey(event: KeyboardEvent, place: number): void {
  const direction = KEYS[event.key];
  if (direction) {
    focused.value = nextThing(
      marks.value.map(({ thing }) => thing.box),
      place,
      direction,
    );
    svg.value?.querySelectorAll<SVGGElement>('[data-thing]')[focused.value]?.focus();
  } else if (event.key === 'Enter' || event.key === ' ') choose(place);
  else return;
  event.preventDefault();
}
function choose(place: number): void {
  focused.value = place;
  selected.value = marks.value[place]?.id ?? null;
}
</script>

<template>
  <svg
    ref="svg"
    class="house-drawing"
    role="group"
    :aria-label="t('section.title')"
    :viewBox="`0 0 ${section.width} ${section.height}`"
  >
    <rect
      class="soil"
      x="0"
      :y="section.ground"
      :width="section.width"
      :height="section.bottom - section.ground"
    />
    <line class="ground" x1="0" :y1="section.ground" :x2="section.width" :y2="section.ground" />
    <path class="roof" :d="`M${outline} Z`" />
    <rect
      class="walls"
      :x="section.walls.x"
      :y="section.walls.y"
      :width="section.walls.width"
      :height="section.walls.height"
    />
    <path v-if="skirting" class="skirting" :d="skirting" />
    <template v-if="section.form.joined === 'sides'">
      <line
        v-for="x in [section.walls.x - 8, section.walls.x + section.walls.width + 8]"
        :key="x"
        class="neighbor"
        :x1="x"
        :y1="section.walls.y"
        :x2="x"
        :y2="section.ground"
      />
    </template>
    <template v-if="section.form.joined === 'floors'">
      <line
        v-for="x in [section.walls.x, section.walls.x + section.walls.width]"
        :key="x"
        class="neighbor"
        :x1="x"
        y1="2"
        :x2="x"
        :y2="section.walls.y"
      />
    </template>
    <rect
      v-for="{ spaces, box, zone } in walled"
      :key="spaces.join() || zone"
      class="room"
      :class="zone"
      :x="box.x"
      :y="box.y"
      :width="box.width"
      :height="box.height"
    />
    <rect
      v-for="{ box } in section.rooms.filter((room) => room.zone === 'loose')"
      :key="box.y"
      class="loose"
      :x="box.x"
      :y="box.y"
      :width="box.width"
      :height="box.height"
    />
    <g v-for="title in titles" :key="title.key">
      <text class="name" :x="title.x" :y="title.y" :text-anchor="title.anchor">{{ title.text }}</text>
      <g v-if="title.missing" class="missing">
        <title>{{ title.missing }}</title>
        <BellOff :x="title.right" :y="title.top" :size="15" aria-hidden="true" />
      </g>
    </g>
    <g
      v-for="(mark, place) in marks"
      :key="mark.id"
      class="thing"
      :class="[mark.state, { chosen: mark.id === selected, back: mark.back }]"
      role="button"
      :data-thing="mark.id"
      :data-state="mark.state"
      :tabindex="place === focused ? 0 : -1"
      :aria-label="mark.says"
      :aria-pressed="mark.id === selected"
      @click="choose(place)"
      @keydown="onKey($event, place)"
    >
      <rect
        class="hit"
        :x="mark.thing.box.x"
        :y="mark.thing.box.y"
        :width="mark.thing.box.width"
        :height="mark.thing.box.height"
      />
      <rect
        v-if="mark.state === 'late'"
        class="frame"
        :x="mark.x - 18"
        :y="mark.y - 18"
        width="36"
        height="36"
      />
      <circle v-else-if="mark.state === 'open'" class="frame" :cx="mark.x" :cy="mark.y" r="19" />
      <path
        v-else-if="mark.state === 'shut'"
        class="frame"
        :d="`M${mark.x} ${mark.y - 22} l22 22 l-22 22 l-22 -22 Z`"
      />
      <component
        :is="mark.icon"
        v-if="mark.icon"
        :x="mark.x - 11"
        :y="mark.y - 11"
        :size="22"
        aria-hidden="true"
      />
      <text v-else class="count" :x="mark.x" :y="mark.y + 6" text-anchor="middle">+{{ mark.count }}</text>
      <text class="label" :x="mark.x" :y="mark.y + 34" text-anchor="middle">
        <tspan v-for="(line, at) in mark.lines" :key="at" :x="mark.x" :dy="at === 0 ? 0 : 12">
          {{ line }}
        </tspan>
      </text>
    </g>
  </svg>
</template>

<style scoped>
.house-drawing {
  display: block;
  width: 100%;
  font-family: var(--face);
  font-size: 11.5px;
}

.soil {
  fill: color-mix(in srgb, var(--tan) 16%, var(--paper));
}

.ground,
.walls,
.roof,
.room {
  stroke: var(--ink);
  stroke-width: 1.6;
}

.walls,
.room {
  fill: var(--paper);
}

.room {
  stroke-width: 1.2;
}

.room.crawl {
  stroke-dasharray: 6 3;
}

.roof {
  fill: var(--wash);
  stroke-linejoin: round;
}

.skirting {
  stroke: var(--soft);
  stroke-width: 0.8;
}

.neighbor,
.loose {
  fill: none;
  stroke: var(--soft);
  stroke-dasharray: 4 4;
}

.name {
  fill: var(--soft);
}

.missing {
  color: var(--rust);
}

.thing {
  color: var(--ink);
  cursor: pointer;
}

.hit {
  fill: transparent;
}

.label {
  fill: currentcolor;
  font-size: 11px;
}

.count {
  fill: currentcolor;
  font-size: 16px;
  font-weight: 600;
}

.frame {
  stroke-width: 1.4;
}

.late {
  color: var(--rust);
}

.late .frame {
  fill: color-mix(in srgb, var(--rust) 18%, var(--paper));
  stroke: var(--rust);
}

.open {
  color: var(--brine);
}

.open .frame {
  fill: color-mix(in srgb, var(--brine) 18%, var(--paper));
  stroke: var(--brine);
}

.shut {
  color: var(--slate);
}

.shut .frame {
  fill: color-mix(in srgb, var(--slate) 18%, var(--paper));
  stroke: var(--slate);
}

/* Things that a layer is not about are faint signs without names: faint words could not be read. */
.back {
  opacity: 0.28;
}

.back .label {
  display: none;
}

.thing:hover .hit {
  fill: color-mix(in srgb, var(--ink) 6%, transparent);
}

.chosen .hit,
.thing:focus-visible .hit {
  stroke: var(--ink);
  stroke-width: 2;
}

.thing:focus {
  outline: none;
}

.thing:focus-visible .hit {
  stroke: var(--rust);
}

/* On a wide screen all of it is seen at once. */
@media (min-width: 64rem) {
  .house-drawing {
    max-height: 44rem;
  }
}

@media print {
  .house-drawing {
    max-height: 24cm;
  }
}
</style>
