import type { Given } from '../given.ts';
import type { Room } from '../rooms.ts';
import { times, when, type Thing } from '../thing.ts';

/** Alarms room by room, the panel, protected outlets and the shut-offs everyone must know. */
export function safetyThings(given: Given, rooms: readonly Room[]): Thing[] {
  const power = given.choice('smoke-power');
  const known = new Set(rooms.map(({ code }) => code));
  const made = given.choice('smoke-made');
  const life = given.choice('co-life');
  const smokeLife = given.choice('smoke-life');
  const gas =
    given.isOneOf('heat', 'gas-furnace', 'gas-boiler') ||
    (given.choice('heater') !== 'none' && given.choice('heater-fuel') === 'gas') ||
    given.has('fires', 'gas-fireplace');
  const smokeRooms = power === 'none' ? [] : given.chosen('smoke-rooms').filter((code) => known.has(code));
  const coRooms = given.chosen('co-rooms').filter((code) => known.has(code));
  return [
    ...smokeRooms.map((room): Thing => ({
      id: `smoke-${room}`,
      kind: 'smoke-alarm',
      room,
      calledByRoom: true,
      facts: {
        power,
        made,
        sensing: given.choice('sensing')?.slice('smoke-'.length) ?? null,
        'senses-co': given.known('senses-co'),
        life: smokeLife === null ? null : Number(smokeLife),
        ends: given.choice('smoke-ends'),
        cell: power === 'sealed' ? 'none' : given.choice('alarm-cell'),
      },
    })),
    ...coRooms.map((room): Thing => ({
      id: `co-${room}`,
      kind: 'co-alarm',
      room,
      calledByRoom: true,
      facts: {
        made: given.choice('co-made'),
        life: life === null ? null : Number(life),
        ends: given.choice('co-ends'),
      },
    })),
    ...when(given.yes('gas-detector'), {
      id: 'gas-detector',
      kind: 'gas-detector',
      room: 'kitchen',
      facts: { made: null },
    }),
    ...times(given.count('extinguishers'), (number) => ({
      id: `extinguisher-${number}`,
      kind: 'extinguisher',
      room: number === 1 ? 'kitchen' : 'hall',
      facts: { made: null },
    })),
    { id: 'panel', kind: 'panel', room: 'utility', facts: { 'shutoff-place': null } },
    ...times(given.count('outlets'), (number) => ({ id: `outlet-${number}`, kind: 'protected-outlet' })),
    { id: 'water-main', kind: 'water-main', facts: { 'shutoff-place': null } },
    ...when(gas, { id: 'gas-supply', kind: 'gas-supply', facts: { 'shutoff-place': null } }),
  ];
}
