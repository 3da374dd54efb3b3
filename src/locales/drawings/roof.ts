import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const roof = {
  'roof-coverings': {
    title: 'Roof coverings',
    says: 'Look at one piece and how its edges meet the next.',
    shows:
      'Five pieces of roof from above: {shingles} in short straight rows, metal in long ribs, tiles in waves, slate in thin uneven plates, and a flat roof of sheets with a puddle on it.',
    labels: {
      shingle: 'shingle',
      metal: 'metal',
      tile: 'tile',
      slate: 'slate',
      flat: 'flat',
      lasts: 'slate and tile last longest, {shingles} and sheets shortest',
    },
  },
  gutter: {
    title: 'Cleaning a gutter',
    says: 'Scoop from the outlet outward, then flush: the water must run out below without a hold-up.',
    shows:
      'A gutter under the edge of the roof, with leaves in it. The outlet at its end leads into the {downspouts}.',
    labels: {
      roof: 'roof',
      leaves: 'leaves',
      scoop: 'scoop away from the outlet',
      outlet: 'outlet',
      down: '{downspouts}',
      from: 'ladder on firm ground,\nheld, never leaning\non the gutter',
      flush: 'then a hose: is it free?',
    },
  },
  'downspout-flow': {
    title: 'Rainwater away from the house',
    says: 'Water in at the top must come out at the foot, {5 ft|1.5 m} or more from the wall.',
    shows:
      'A wall with a pipe that brings rainwater down from the gutter. At its foot the water is led away from the wall, over ground that slopes away.',
    labels: {
      water: 'hose into the gutter',
      joint: 'drips at joints?',
      away: 'outlet free',
      far: '{5 ft|1.5 m} or more',
      house: 'house',
      slope: 'ground slopes away',
    },
  },
  'pop-up-outlet': {
    title: 'Pop-up outlet',
    says: 'The lid must lift by itself with water and fall shut. Cut the grass around it.',
    shows:
      'A pipe under the lawn ends in an outlet with a lid that water lifts. A small hole below lets the rest seep away.',
    labels: {
      lid: 'lid',
      from: 'from the {downspouts}',
      grass: 'lawn',
      hole: 'weep hole',
      stuck: 'roots, mud, grass: it sticks',
      lift: 'lift it by hand,\nthen pour in water',
    },
  },
  'ice-dam': {
    title: 'Ice dam',
    says: 'Warm air melts the snow, the water freezes at the cold eaves and backs up under the roofing.',
    shows:
      'A roof edge with snow. Heat from below melts it; at the eaves ice builds a dam with icicles, and water stands behind it.',
    labels: {
      snow: 'snow',
      dam: 'ice',
      water: 'water backs up',
      heat: 'heat from\nthe house',
      fix: 'seal and insulate\nthe {attic}',
      rake: 'rake snow from the\nground, never on\nthe ladder',
    },
  },
  'yard-drain': {
    title: 'Yard drain',
    says: 'Lift the grate, scoop out the mud, pour in a bucket: it must run off at once.',
    shows: 'A drain in the ground with its grate lifted. Mud lies at the bottom, the outlet is at the side.',
    labels: {
      grate: 'grate',
      mud: 'mud',
      out: 'outlet',
      scoop: 'scoop it out',
      water: 'water seal',
      trap: 'gloves on',
    },
  },
  'roof-look': {
    title: 'Looking at the roof from the ground',
    says: 'With binoculars, from all sides. Nobody needs to go up to see these four.',
    shows:
      'A house seen from the ground. 1 missing or lifted roofing, 2 slipped or cracked pieces, 3 loose metal at the chimney, 4 gutters that sag.',
    labels: {
      look: 'look\nfrom here',
      one: '1 missing, lifted',
      two: '2 slipped, cracked',
      three: '3 loose {flashing}',
      four: '4 sagging gutter',
    },
  },
  flashing: {
    title: 'Step flashing',
    says: 'Each step is tucked into the joint of the wall and lies over the one below. Come away, water runs in behind it.',
    shows:
      'A sloping roof meets a wall. Metal steps cover the joint, each tucked into the wall. One has come loose.',
    labels: {
      roof: 'roof',
      wall: 'wall',
      step: 'each step over\nthe one below',
      loose: 'come away',
      wedge: 'tucked in, sealed',
      trade: 'on a roof: a roofer’s work',
    },
  },
  'ceiling-stain': {
    title: 'Stain on a ceiling',
    says: 'Draw its edge with a pencil and write the date: growth shows at the next look.',
    shows:
      'A room under the roof with a stain on its ceiling. Water comes from above and farther up the slope.',
    labels: {
      under: '{attic}',
      stain: 'stain',
      draw: 'pencil around it,',
      next: 'write the date',
      drip: 'from higher up',
      bulge: 'sagging: keep out from under it, call a roofer',
      room: 'room',
    },
  },
  'vent-cage': {
    title: 'Cage on a vent pipe',
    says: 'It keeps nests out and lets air through. The pipe must never be closed.',
    shows: 'A vent pipe above the roof with a wire cage on its end.',
    labels: {
      cage: 'wire cage',
      pipe: 'vent pipe',
      bird: 'nests',
      roof: 'roof',
      open: 'stays open to the air',
    },
  },
  'loft-insulation': {
    title: 'Insulating the {attic}',
    says: 'First between the joists, then across them. Leave the eaves open and lights uncovered.',
    shows:
      'The floor of an {attic} in section: insulation between the joists and a second layer across them. Air comes in at the eaves.',
    labels: {
      across: 'second layer across',
      between: 'first layer between',
      eaves: 'eaves\nopen',
      lamp: 'lights uncovered',
      depth: '{12 in|30 cm} in all',
      walk: 'stand on boards, not between joists',
    },
  },
} satisfies Record<string, DrawingText>;
