import {
  AppWindow,
  BellRing,
  BrickWall,
  Caravan,
  Droplet,
  Droplets,
  Fan,
  Flame,
  FlameKindling,
  House,
  Snowflake,
  Sprout,
  Umbrella,
  WashingMachine,
  Waves,
  Wind,
} from 'lucide-vue-next';
import type { Component } from 'vue';
import type { PracticeSystem } from '../../core/practice/lists.ts';

/** One sign for each system of a house; it never stands without a word. */
export const SYSTEM_ICONS: Readonly<Record<PracticeSystem, Component>> = {
  air: Fan,
  cooling: Snowflake,
  heating: Flame,
  humidity: Droplets,
  alarms: BellRing,
  water: Droplet,
  'evaporative-cooler': Wind,
  roof: Umbrella,
  ground: BrickWall,
  openings: AppWindow,
  fires: FlameKindling,
  appliances: WashingMachine,
  sewage: Waves,
  garden: Sprout,
  manufactured: Caravan,
  household: House,
};
