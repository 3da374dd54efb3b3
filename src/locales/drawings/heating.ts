import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const heating = {
  'furnace-stages': {
    title: 'How a gas furnace starts',
    says: 'Seven stages in this order. Note the last one it reaches: that is where to look.',
    shows:
      'The stages of a start: the thermostat calls, the inducer fan runs, the pressure switch closes, the igniter glows, the gas valve opens, the flame lights and is proved, the blower starts.',
    labels: {
      call: 'thermostat calls',
      fan: 'inducer fan runs',
      pressure: 'pressure switch closes',
      glow: 'igniter glows',
      gas: 'gas valve opens, click',
      flame: 'flame lights and is proved',
      blower: 'blower starts after a minute',
      two: '2',
      three: '3',
      four: '4',
      seven: '7',
    },
  },
  'gas-flame': {
    title: 'Gas flame',
    says: 'Blue and steady is good. A blue flame never proves that the heat exchanger is sound.',
    shows:
      'On the left three short, blue, steady flames stand inside the burner tubes. On the right three tall, orange, flickering flames lean out of the tubes: turn the gas off, do not relight, and call.',
    labels: {
      good: 'good',
      bad: 'stop',
      blue: 'blue, steady,\ninside the tubes',
      orange: 'orange, tall, out of the tubes',
      off: 'gas off, call a technician',
    },
  },
  'flame-sensor': {
    title: 'Flame sensor',
    says: 'A thin metal rod in the flame. Rub it clean with steel wool; leave the igniter alone.',
    shows:
      'The flame sensor is a bent metal rod that reaches into the flame, held in white porcelain with one wire. The igniter is another part, gray and brittle: do not touch it.',
    labels: {
      flame: 'burner',
      rod: 'rod: rub it bright,',
      porcelain: 'porcelain',
      wire: 'one wire',
      wool: 'steel wool, no sandpaper',
      igniter: 'igniter',
      never: 'the igniter is brittle: do not touch it',
    },
  },
  'furnace-cabinet': {
    title: 'Where dust gathers in the furnace',
    says: 'Power and gas off. Vacuum the floor, the blower housing and in front of the burners.',
    shows:
      'A furnace with its door off. Dust is vacuumed from the floor of the cabinet, from around the blower and from in front of the burners, with the power off.',
    labels: {
      burners: 'burner front',
      blower: 'blower housing',
      floor: 'cabinet floor',
      switch: 'door switch',
      door: 'door off',
      power: 'power off',
    },
  },
  'blower-wheel': {
    title: 'Blower wheel',
    says: 'Caked fins move less air. Mark the wheel and shaft before it comes out, so that it goes back as it was.',
    shows:
      'Two blower wheels seen from the side. On the left the curved fins are clean with gaps between them. On the right the fins are filled with dust.',
    labels: {
      good: 'clean: gaps between the fins',
      bad: 'caked: brush each fin',
      mark: 'clips and weights stay where they are',
    },
  },
  'burner-clearance': {
    title: 'Space around a burner',
    says: '{3 ft|1 m} free on all sides; nothing that burns or gives off fumes in the same closet.',
    shows:
      'A furnace or water heater with a free space of three feet on each side. Paint cans and boxes stand outside that space.',
    labels: {
      three: '{3 ft|1 m}',
      three2: '{3 ft|1 m}',
      paint: 'paint, fuel',
      box: 'paper, rags',
      vent: 'vent',
      keep: 'keep the air openings free too',
    },
  },
  'gas-trap-vent': {
    title: 'Sediment trap and exhaust',
    says: 'The short pipe below the inlet catches dirt and water. The exhaust is tight, slopes up and has no rust or holes.',
    shows:
      'Gas comes from the left through a valve. Before the appliance a short capped pipe hangs down and catches dirt. The exhaust pipe leaves at the top.',
    labels: {
      gas: 'gas',
      valve: 'valve',
      leg: 'sediment trap',
      catch: 'capped, hangs straight down',
      unit: 'burner',
      vent: 'exhaust',
      slope: 'tight, slopes up',
      look: 'white streaks, rust, soot: stop and call',
    },
  },
  'pump-screw': {
    title: 'Freeing a stuck pump',
    says: 'The big screw in the middle comes out; the slotted shaft behind it is turned by hand.',
    shows:
      'A circulator pump between two pipes. The large slotted screw in the middle of its face is taken out, a few drops of water come, and the shaft behind is turned with a screwdriver.',
    labels: {
      pump: 'circulator pump',
      screw: 'big screw out',
      drops: 'a few drops: hot!',
      shaft: 'turn the shaft\nby hand',
      off: 'power off,\nlet it cool',
    },
  },
  'radiator-valve': {
    title: 'Radiator valve',
    says: 'A drip under the knob: hold the valve and turn the nut below the knob a sixth of a turn.',
    shows:
      'A radiator with its valve at the right. Below the knob sits a nut. Where it drips, that nut is tightened a little while the valve body is held.',
    labels: {
      head: 'knob',
      gland: '{packing nut}:',
      wet: 'a sixth of a turn',
      radiator: 'radiator',
      towel: 'no stain here: tight',
    },
  },
  'oil-boiler': {
    title: 'Oil boiler in section',
    says: 'Soot lies in the passes. A technician brushes them, changes nozzle and filter, then measures in the flue.',
    shows:
      'An oil boiler in section: the burner fires into the chamber, the hot gas rises through narrow passes to the flue. The passes are brushed. Smoke and carbon dioxide are measured through a small hole in the flue.',
    labels: {
      passes: 'passes',
      chamber: 'chamber',
      burner: 'burner',
      hole: 'test hole in the flue',
      brush: 'brush each\npass:',
      soot: '\nsoot is here',
      nozzle: 'nozzle, filter',
      trade: 'work of a technician',
    },
  },
} satisfies Record<string, DrawingText>;
