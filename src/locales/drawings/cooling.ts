import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const cooling = {
  'split-probes': {
    title: 'Where to measure the split',
    says: 'One thermometer in the air before the filter, one in the supply close to the coil. Wait 15 minutes.',
    shows:
      'A duct on both sides of the air handler. Thermometer 1 stands in the return air before the filter, thermometer 2 in the supply air just after the coil. The split is the first minus the second.',
    labels: {
      return: 'return,\nbefore the filter',
      supply: 'supply,\nnear the coil',
      coil: 'coil',
      filter: 'filter',
      cold: 'cold air',
    },
  },
  'outdoor-unit': {
    title: 'Outdoor unit kept clear',
    says: '{2 ft|60 cm} free on all sides and nothing above. Rinse gently, from the top down, with the power off.',
    shows:
      'The outdoor unit on its pad, shrubs on both sides two feet away. Air leaves at the top. The fins are rinsed with a soft stream of water. The disconnect switch is on the wall.',
    labels: {
      out: 'air out: nothing above',
      gap: '{2 ft|60 cm}',
      gap2: '{2 ft|60 cm}',
      hose: 'soft stream,\nno pressure',
      switch: '{disconnect}: off',
      clear: 'no leaves, grass or snow against the fins',
    },
  },
  condensate: {
    title: 'Condensate drain',
    says: 'Cleaner goes in at the cleanout before the trap. Vinegar or bleach, never both.',
    shows:
      'Water from the cooling coil drips into a pan and runs through a pipe with a trap to the outside, where it drips. The cleanout is an open pipe before the trap: cleaner is poured in there.',
    labels: {
      coil: 'coil',
      pan: 'drain pan',
      funnel: 'pour vinegar here,',
      never: 'or bleach, never both',
      trap: 'trap',
      drip: 'drips:\ngood',
      full: 'stays full of water',
    },
  },
  'condensate-vacuum': {
    title: 'Vacuum at the outlet',
    says: 'Seal the hose to the outlet with a rag. Two to three minutes pull the slime out.',
    shows:
      'The drain pipe comes out through the wall. The hose of a wet vacuum is held to its end and sealed with a rag. Slime and water are pulled out.',
    labels: {
      inside: 'coil',
      outlet: 'outlet',
      rag: 'rag seals it',
      vac: '{shop vacuum}',
      min: '2 to 3\nminutes',
      sludge: 'water and slime',
    },
  },
  'condensate-float': {
    title: 'Second pan and float switch',
    says: 'Pour water into the second pan: the float must lift and shut the cooling off.',
    shows:
      'Under the unit lies a second pan with its own drain and a float switch. When water rises in that pan, the float lifts and turns the cooling off.',
    labels: {
      coil: 'coil',
      first: 'first\ndrain',
      float: 'float: shuts it off',
      second: 'second pan, under the unit',
      pour: 'pour water in',
      over: 'second drain',
      try: 'lift the float: the cooling must stop',
    },
  },
  thermostat: {
    title: 'Thermostat',
    says: 'New batteries go in behind the cover. Check the clock and the program afterward.',
    shows:
      'A thermostat with its display, a button for the program and buttons for warmer and cooler. Behind the cover sit two batteries.',
    labels: {
      number: '68°',
      schedule: 'program',
      up: 'warmer',
      down: 'cooler',
      back: 'behind the cover',
      cells: 'batteries: + and −',
      spot: 'inside wall,\nno sun,\nno drafts',
      again: 'then check the clock and the program',
    },
  },
} satisfies Record<string, DrawingText>;
