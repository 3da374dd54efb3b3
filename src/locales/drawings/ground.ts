import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const ground = {
  'air-brick': {
    title: 'Air brick',
    says: 'Air under the floor keeps it dry. Keep soil {6 in|15 cm} below it; clear the holes with a brush.',
    shows:
      'A wall with an air brick low above the ground. Soil and leaves lie against it and must be cleared away.',
    labels: {
      brick: 'air brick',
      soil: 'soil, leaves: clear away',
      clear: '{6 in|15 cm} below the brick',
      air: 'air',
      floor: 'floor',
      tool: 'brush, vacuum, thin stick',
      no: 'never block it against drafts',
    },
  },
  grade: {
    title: 'Ground at the wall',
    says: 'It falls {6 in|15 cm} over the first {10 ft|3 m}. Fill hollows with clay soil, {8 in|20 cm} below the {siding}.',
    shows:
      'The ground beside a foundation slopes away from the wall. A hollow at the wall collects water and is filled.',
    labels: {
      wall: 'wall',
      dip: 'hollow: water stands here',
      fall: '{6 in|15 cm} down over {10 ft|3 m}',
      level: 'level and string',
      clay: 'pack clay soil, no mulch against the wall',
      siding: '{8 in|20 cm} free below the {siding}',
    },
  },
  'crack-gauge': {
    title: 'Measuring a crack',
    says: 'Two pencil lines across it, with the date. Measure at the same mark each time, at its widest.',
    shows:
      'A wall with a crack that runs from top to bottom. Pencil lines cross it at three places. A small ruler with fine marks is held to it.',
    labels: {
      marks: 'mark',
      date: 'mark, date',
      widest: 'widest',
      card: 'crack ruler',
      same: 'same marks, twice\na year',
      stair: '{1/4 in|6 mm} or one side\nstands out: call',
    },
  },
  'mortar-joint': {
    title: 'Renewing a mortar joint',
    says: 'Rake out twice as deep as it is wide, dampen, press in mortar that is softer than the brick.',
    shows:
      'A brick wall with a joint whose mortar has crumbled, and one that is filled again with new mortar.',
    labels: {
      crumbles: 'crumbling',
      new: 'new mortar,\npressed in',
      rake: 'rake out\n{1 in|25 mm} deep',
      soft: 'soft lime mortar in an old wall, never hard cement',
      damp: 'above {40 °F|5 °C},\nkeep it damp',
    },
  },
  'drip-groove': {
    title: 'Drip groove and cable loop',
    says: 'The groove under the sill lets drops fall before the wall. A cable hangs in a loop below its hole.',
    shows:
      'A window sill in section with a groove below it near its front edge. A cable makes a loop before it enters the wall.',
    labels: {
      sill: 'sill',
      groove: 'groove: open, no paint',
      keep: 'or drops run to the wall',
      loop: 'cable loop',
      loop2: 'lower than the hole',
      window: 'window',
      water: 'drops fall here',
    },
  },
  'plants-clear': {
    title: 'Plants at the house',
    says: 'A foot of air between shrub and wall; branches {6 ft|2 m} from the roof. Cracks, fungus or a new lean: call.',
    shows:
      'A house with a shrub kept a foot away from its wall, and a tree with a branch that reaches toward the roof.',
    labels: {
      gap: '{1 ft|30 cm}',
      shrub: 'shrub',
      tree: 'tree',
      branch: 'branch over the roof',
      six: '{6 ft|2 m} free',
      lean: 'new lean, fungus: call',
      house: 'house',
    },
  },
  'siding-look': {
    title: 'Walls from outside',
    says: 'Press with a screwdriver where it looks wet: soft wood gives way.',
    shows:
      'A house wall with four places marked: 1 under the eaves, 2 peeling paint, 3 the open joint under a window, 4 the foot of the wall.',
    labels: {
      one: '1 under the eaves',
      two: '2 peeling paint',
      three: '3 joint below the\n   window',
      four: '4 green or wet foot',
    },
  },
  deck: {
    title: 'Deck',
    says: 'Push the rail, poke posts and boards with a screwdriver, look for bolts, not nails, at the house.',
    shows:
      'A deck in section at the side of a house: the ledger board bolted to the wall, posts on the ground, a rail, and stairs.',
    labels: {
      ledger: 'ledger board:',
      bolts: 'bolts, no rust',
      rail: 'rail: push it',
      post: 'foot of the post',
      poke: 'soft wood?',
      stairs: 'stairs',
    },
  },
} satisfies Record<string, DrawingText>;
