import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const humidity = {
  'humidifier-pad': {
    title: 'Humidifier and its pad',
    says: 'A new pad each winter, marked side up. The drain must run freely into its funnel.',
    shows:
      'A furnace humidifier with its cover off. Water comes through a valve into the tray above, runs down the pad, and leaves through the drain below. Air passes through the pad.',
    labels: {
      air: 'air to the duct',
      valve: 'water valve',
      tray: 'water spreads here',
      pad: 'pad',
      drain: 'drain, never kinked',
      once: 'new pad\neach winter',
    },
  },
  'humidifier-season': {
    title: 'Humidifier: winter and summer',
    says: 'In summer the water and the damper are shut, or cooled air goes around in a circle.',
    shows:
      'On the left, winter: the water is open and the damper in the bypass duct lies along it. On the right, summer: the water is shut and the damper stands across the duct.',
    labels: {
      winter: 'winter',
      summer: 'summer',
      open: 'water open,\ndamper open',
      shut: 'water shut,\ndamper shut',
      damper: 'damper along',
      damper2: 'damper across',
      note: 'shut it when the heating ends',
    },
  },
  hygrometer: {
    title: 'Where to read the humidity',
    says: 'In the room you live in, at table height, away from windows, kitchen and bathroom. Wait half an hour.',
    shows:
      'A room with a humidity meter in the middle, at the height of a table, far from the window and the stove.',
    labels: {
      meter: 'meter',
      window: 'cold window',
      kitchen: 'stove',
      mid: 'table height',
      far: 'inside wall,\n30 minutes',
      not: 'not near\nsteam or sun',
    },
  },
  'damp-room': {
    title: 'Where damp gathers',
    says: 'Corners and places behind furniture on outside walls are cold and still: leave a hand of air there.',
    shows:
      'A room with a cold outside wall. Damp gathers in its upper corner and behind the wardrobe. Pull the wardrobe away from the wall and air the room with short, wide opening of the window.',
    labels: {
      corner: 'cold corner',
      outside: 'outside wall',
      wardrobe: 'closet',
      behind: 'mold behind it',
      gap: '{4 in|10 cm} of air',
      window: 'window',
      airing: 'wide open,\n10 minutes',
    },
  },
  'ventilator-core': {
    title: 'Ventilator: filters and core',
    says: 'Filters are vacuumed or washed; the core slides out, is rinsed and goes back the same way round.',
    shows:
      'A ventilator with its cover off. The square core stands on its edge in the middle, the two filters lie against it. Four ducts lead to the outside and the rooms; below is the drain.',
    labels: {
      fresh: 'fresh air in',
      stale: 'from rooms',
      out: 'out',
      house: 'to rooms',
      filter: 'two filters',
      core: 'core',
      drain: 'drain',
    },
  },
  'ventilator-ceiling': {
    title: 'Ventilator in a ceiling',
    says: 'Switch it off, hold the cover while you open the clips, and take the filters down over a cloth.',
    shows:
      'A flat ventilator in a ceiling with its cover hanging open. The two filters behind it are taken out from below, from a stepladder.',
    labels: {
      ceiling: 'ceiling',
      filters: 'two filters',
      cover: 'cover hangs open',
      step: 'stepladder',
      clip: 'clips',
      off: 'off at the switch first',
      note: 'cloth under it',
    },
  },
  'ventilator-outlets': {
    title: 'Where fresh air comes in',
    says: 'The inlet lies {6 ft|2 m} from the outlet, the dryer and the car, above the snow, with a clean screen.',
    shows:
      'An outside wall with two hoods. Stale air is blown out at the upper one, fresh air is taken in at the lower. They are six feet apart, and a foot and a half above the ground. A car stands away from the inlet.',
    labels: {
      out: 'air out',
      in: 'fresh air in',
      apart: '{6 ft|2 m}',
      car: 'car',
      high: '{18 in|45 cm}',
      screen: 'screens:\nno lint, leaves,\nnests',
    },
  },
  'bath-fan': {
    title: 'Bath fan',
    says: 'Grille down, both washed or vacuumed. A sheet of paper must stick to the running fan.',
    shows:
      'A bath fan in the ceiling with its grille taken off below. The wheel and the housing are brushed and vacuumed. A sheet of toilet paper held to the grille must stay there.',
    labels: {
      duct: 'to the outside',
      wheel: 'wheel',
      grille: 'grille',
      brush: 'brush and vacuum, power off',
      paper: 'test: a sheet of paper stays on the grille',
    },
  },
} satisfies Record<string, DrawingText>;
