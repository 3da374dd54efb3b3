import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const air = {
  'filter-upflow': {
    title: 'Filter of an upright furnace',
    says: 'The arrow on the frame points with the air: from the rooms, through the filter, toward the blower.',
    shows:
      'An upright furnace in section. Air comes from the rooms through the return duct at the lower left, passes the filter, then the blower, the burners and the cooling coil, and leaves at the top to the rooms. The arrow on the filter points toward the blower.',
    labels: {
      up: 'to the rooms',
      coil: 'cooling coil',
      burners: 'burners',
      blower: 'blower',
      duct: 'return duct',
      from: 'from rooms',
      filter: 'filter, arrow →',
    },
  },
  'filter-downflow': {
    title: 'Filter of a downflow furnace',
    says: 'Where the air goes down, the filter lies on top and its arrow points down.',
    shows:
      'A downflow furnace in section. Air comes in at the top through the filter that lies there, passes the blower, the burners and the coil, and leaves downward to the rooms. The arrow on the filter points down.',
    labels: {
      from: 'from the rooms',
      filter: 'filter, arrow ↓',
      blower: 'blower',
      burners: 'burners',
      coil: 'cooling coil',
      down: 'to the rooms',
    },
  },
  'filter-horizontal': {
    title: 'Filter of a lying furnace',
    says: 'In an attic or crawl space the unit lies: the arrow points along it, toward the blower.',
    shows:
      'A furnace lying on its side. Air comes from the rooms at one end through the filter, passes the blower, the burners and the coil, and leaves at the other end. The arrow on the filter points toward the blower.',
    labels: {
      filter: 'filter, arrow →',
      from: 'from the\nrooms',
      out: 'to the\nrooms',
      blower: 'blower',
      burners: 'burners',
      coil: 'coil',
      attic: 'lying, in {attic} or {crawl space}',
    },
  },
  'media-cabinet': {
    title: 'Thick filter in its cabinet',
    says: 'It slides out at the door. The new one goes in with its arrow toward the unit.',
    shows:
      'A cabinet beside the furnace with its door open. The thick pleated filter slides straight out; the new one goes in with the arrow on its frame pointing toward the unit.',
    labels: {
      air: 'air flow',
      door: 'door',
      unit: 'furnace',
      thick: '4 to 5 in thick,\narrow → to the unit',
      pull: 'out and in this way',
    },
  },
  'filter-look': {
    title: 'What a filter looks like as it fills',
    says: 'Hold it to the light. When you can no longer see light through it, change it.',
    shows:
      'Four filters side by side: new and white, light gray, gray, and dark. White is good, gray means change soon, dark means change now.',
    labels: {
      white: 'white',
      light: 'light gray',
      grey: 'gray',
      dark: 'dark',
      good: 'good',
      soon: 'change soon',
      now: 'change now',
      weeks: 'weeks in use',
    },
  },
  'filter-wash': {
    title: 'Washing a reusable filter',
    says: 'Water against the flow of the air, so that the dirt leaves the way it came.',
    shows:
      'A washable filter held upright. Water goes in at the clean side and pushes the dirt out at the dusty side. It dries fully before it goes back.',
    labels: {
      clean: 'water on the\nclean side',
      dirt: 'dirt out\nhere',
      frame: 'filter in its frame',
      dry: 'let it dry fully before it goes back',
    },
  },
  'airflow-path': {
    title: 'The way of the air',
    says: 'Weak air: first the filter, then grilles that are covered or shut, then doors that close a room off.',
    shows:
      'A floor of three rooms over the furnace. Air goes down through the return grille, through the filter and the unit, and comes up in another room. A couch over the supply grille blocks it.',
    labels: {
      return: 'return',
      supply: 'supply',
      sofa: 'blocked',
      filter: 'filter',
      unit: 'unit',
      door: 'keep doors\nopen a gap',
    },
  },
  'duct-joint': {
    title: 'Sealing a duct joint',
    says: 'Mastic brushed over the joint, as thick as a coin; insulation over it where the space is cold.',
    shows:
      'Two pieces of duct meet in a collar. Sealing paste is brushed around both edges of the collar. Insulation goes over it. Cloth tape does not hold.',
    labels: {
      leak: 'air leaks here',
      mastic: 'mastic, all around',
      duct: 'duct',
      duct2: 'duct',
      wrap: 'insulation over it',
      tape: 'cloth tape comes off: do not use it',
    },
  },
  'duct-damper': {
    title: 'Damper handle',
    says: 'Along the duct is open, across it is shut. Mark both with the season.',
    shows:
      'Two ducts. In the first the damper handle lies along the duct and air passes. In the second the handle stands across the duct and it is shut.',
    labels: {
      open: 'open',
      shut: 'shut',
      along: 'handle along the duct',
      across: 'handle across the duct',
      mark: 'write “summer” and “winter” on the duct',
    },
  },
} satisfies Record<string, DrawingText>;
