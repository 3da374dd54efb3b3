import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const sewage = {
  'treatment-plant': {
    title: 'Treatment plant',
    says: '{1 ft|30 cm} of sludge or {6 in|15 cm} of scum in the first chamber: have it pumped.',
    shows:
      'A treatment plant in section with three chambers: in the first scum floats, sludge lies below and clear water between; in the second air bubbles through brown water; in the third it settles and leaves at the elbow.',
    labels: {
      blower: 'blower',
      scum: 'scum',
      clear: 'clear',
      sludge: 'sludge',
      air: 'bubbles',
      settle: 'settling',
      elbow: 'water half-way up the elbow',
      pump: '{1 ft|30 cm} of sludge: pump',
      brown: 'chocolate brown: good',
    },
  },
  'sludge-stick': {
    title: 'Measuring sludge and scum',
    says: 'A white sock or towel on the stick shows the dark height of the sludge. A hook feels the underside of the scum.',
    shows:
      'A tank in section with a stick that stands on its bottom. Beside it the stick pulled out with a dark stain at its lower end.',
    labels: {
      scum: 'scum',
      clear: 'clear water',
      sludge: 'sludge',
      stick: 'stick, to the bottom',
      stain: 'dark: the sludge',
      read: 'read its height',
      hook: 'hook: from the top\nto the underside',
      never: 'never lean in,\nnever alone',
    },
  },
  'plant-lid-elbow': {
    title: 'Lids, baffle, elbow',
    says: 'Every lid screwed down. The water stands half-way up the outlet elbow: higher means it cannot run off.',
    shows:
      'A tank with two lids screwed down, a baffle in the middle, and the outlet elbow with water half-way up.',
    labels: {
      lid: 'lid: whole',
      screws: 'all screws in',
      baffle: 'baffle',
      elbow: 'outlet elbow:',
      half: 'half full',
      inlet: 'inlet',
      high: 'water above it: the field or filter is blocked',
      kids: 'never leave a lid off',
    },
  },
  blower: {
    title: 'Blower and its timer',
    says: 'Filter out, wash or renew it. The hum is even, the housing warm, never hot.',
    shows: 'A blower with its filter on top, the air pipe to the plant, and the timer beside it.',
    labels: {
      filter: 'filter',
      hum: 'even hum',
      timer: 'timer',
      air: 'air to the plant',
      hot: 'hot or loud: call',
      wash: 'wash it, dry it, every 6 months',
      dry: 'dry, off the ground',
      time: 'right time\nof day',
    },
  },
  chlorinator: {
    title: 'Chlorine tablets',
    says: 'Only tablets made for sewage, never pool tablets. The lowest one must stand in the water.',
    shows:
      'A tube with a stack of tablets, its foot in the outlet pipe. The lowest tablet touches the water.',
    labels: {
      cap: 'cap',
      tablets: 'tablets',
      stack: '2 to 4 in the tube',
      water: 'water out',
      label: 'sewage only,',
      label2: 'not pool',
      glove: 'gloves, glasses,\nface away',
      lowest: 'lowest one stands in the water',
    },
  },
  'septic-tank': {
    title: 'Septic tank and field',
    says: 'When scum and sludge fill a third of it, it is pumped, every 3 to 5 years. Nothing heavy on the field.',
    shows:
      'A septic tank in section: scum on top, clear water, sludge below. The clear water leaves to the drain field.',
    labels: {
      house: 'from the house',
      scum: 'scum',
      clear: 'clear',
      sludge: 'sludge',
      lids: 'lids',
      field: 'drain field',
      third: 'a third full of solids: pump',
      car: 'no car, no trees',
      wet: 'wet or smelly:\ncall',
    },
  },
} satisfies Record<string, DrawingText>;
