import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const appliances = {
  dishwasher: {
    title: 'Dishwasher: five places',
    says: 'Filter out and rinsed, arms free, seal wiped, soap door clean, hose in a high loop.',
    shows:
      'A dishwasher in section: 1 the filter at the bottom, 2 the spray arms, 3 the door seal, 4 the soap dispenser, 5 the drain hose that goes up in a loop.',
    labels: {
      list1: '1 filter',
      list2: '2 spray arms',
      list3: '3 door seal',
      list4: '4 soap door',
      list5: '5 hose loop',
    },
  },
  'refrigerator-coil': {
    title: 'Refrigerator coil',
    says: 'Unplug it. Brush and vacuum the coil below or behind, two fingers of air behind it.',
    shows: 'A refrigerator with its coil behind the grille at the bottom, or on its back.',
    labels: {
      below: 'coil behind the grille',
      back: 'coil on the back',
      or: 'in others',
      unplug: 'unplug it first',
      gap: '{2 in|5 cm} of air behind',
      seal: 'seal: holds a\nbanknote',
      brush: 'brush',
    },
  },
  'dryer-vent': {
    title: 'Way of the dryer air',
    says: 'Brush the whole duct from both ends. The flap outside opens with the dryer and falls shut.',
    shows:
      'A dryer with its duct going up and out through the wall to a hood with a flap. Lint gathers in the bends.',
    labels: {
      screen: '{lint screen}',
      lint: 'lint in the bends',
      hood: 'hood:',
      flap: 'flap moves',
      brush: 'brush from both ends',
      pipe: 'metal duct, short,\nfew bends',
      never: 'no plastic duct, no screws inside',
      dryer: 'gas dryer: shut its valve first',
    },
  },
  'washer-filter': {
    title: 'Washing machine filter',
    says: 'Tray under it, unscrew slowly, let the water out, take out coins and lint, screw it tight.',
    shows:
      'A front-loading washing machine with the flap of its drain filter at the lower right and a flat tray under it.',
    labels: {
      flap: 'flap, filter behind',
      tray: 'flat tray',
      seal: 'fold of the seal',
      slow: 'unscrew slowly:',
      coins: 'water first, then coins',
      off: 'unplug it, water cold',
    },
  },
  'range-hood': {
    title: 'Range hood filter',
    says: 'It slides or clips out. Hot water and dish soap, dry it, put it back. Charcoal filters are replaced.',
    shows:
      'A range hood over a stove with its metal grease filter in the lower side. The filter soaks in a sink.',
    labels: {
      filter: 'grease filter',
      soak: 'soak it',
      hot: 'hot water, soap',
      coal: 'charcoal: renew',
      grease: 'grease can burn',
      catch: 'catch, slide out',
    },
  },
} satisfies Record<string, DrawingText>;
