import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const evaporativeCooler = {
  'evaporative-cooler': {
    title: 'Evaporative cooler',
    says: 'For winter: shut the water, drain pan and line, wipe the pan, cover it. In spring the other way round.',
    shows:
      'An evaporative cooler in section: wet pads on its sides, a blower in the middle, a water pan with a float valve and a drain. 1: shut the water. 2: drain. 3: cover.',
    labels: {
      shut: 'water off',
      drain: 'drain pan and line',
      pads: 'pads',
      float: 'float valve',
      cover: 'cover',
      blower: 'power off first',
    },
  },
} satisfies Record<string, DrawingText>;
