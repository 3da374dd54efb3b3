import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const alarms = {
  'smoke-alarm': {
    title: 'Smoke alarm',
    says: 'Hold the button until it sounds. The date on its back counts: after 10 years the whole alarm is replaced.',
    shows:
      'A smoke alarm seen from below, with the test button in the middle and a small light. On its back stands the date of manufacture. The battery drawer takes a new battery.',
    labels: {
      test: 'hold 5 seconds: it sounds',
      light: 'light blinks',
      date: 'made 2019-05',
      back: 'on the back',
      born: 'not the day bought',
      cell: 'battery: + and −',
      old: '10 years old:\nreplace the alarm',
    },
  },
  'alarm-places': {
    title: 'Where alarms go',
    says: 'Local code comes first. Smoke: in each bedroom, outside them, on each level. CO: on each level, near where you sleep.',
    shows:
      'A house in section. Smoke alarms hang at the ceiling in both bedrooms, in the hall outside them and on the lower level. Carbon monoxide alarms are in the hall near the bedrooms and on the lower level.',
    labels: {
      bedroom: 'bedroom',
      hall: 'hall',
      bedroom2: 'bedroom',
      living: 'living room',
      kitchen: 'kitchen',
      smoke: 'smoke: each bedroom, outside them, each level',
      co: 'CO: each level, near where you sleep',
    },
  },
  'co-alarm': {
    title: 'Carbon monoxide alarm',
    says: 'Any sound other than the test: everyone out, then call. It ends after 5 to 10 years; the date is on its back.',
    shows:
      'A carbon monoxide alarm on a wall with a display and a test button. Zero is normal. When it sounds, everyone goes outside and calls from there.',
    labels: {
      test: 'test button',
      display: 'ppm',
      wall: 'at any height',
      zero: '0: normal',
      some: 'a number: log it,\nfind the cause',
      alarm: '4 beeps, pause, 4 beeps:',
      out: 'all go outside,\ncall from there',
      ends: 'note the end date',
    },
  },
  'gas-detector': {
    title: 'Gas leak detector',
    says: 'Natural gas rises, propane sinks: the detector hangs high for the one and low for the other.',
    shows:
      'Two rooms. In the first, natural gas rises, and the detector is a foot below the ceiling. In the second, propane sinks, and the detector is a foot above the floor.',
    labels: {
      natural: 'natural gas rises',
      high: '{1 ft|30 cm} below the ceiling',
      propane: 'propane sinks',
      low: '{1 ft|30 cm} above the floor',
    },
  },
  gfci: {
    title: '{GFCI} {outlet}',
    says: 'Press TEST: the lamp goes out. Press RESET: it comes back on. If not, replace it.',
    shows:
      'An {outlet} with two buttons between its holes. Plug in a lamp. TEST must turn it off, RESET must turn it on again.',
    labels: {
      test: 'TEST: power goes off',
      reset: 'RESET: power is back',
      dead: 'still on after TEST:\ndo not use, replace it',
      lamp: 'plug in a lamp first',
    },
  },
  breaker: {
    title: 'Tripped breaker',
    says: 'It stands in the middle. Push it fully to OFF, then to ON. If it trips again, leave it off.',
    shows:
      'A breaker panel with ten breakers. One stands in the middle between on and off: it has tripped. It is first pushed fully off, then on.',
    labels: {
      panel: '{breaker panel}',
      tripped: 'tripped:',
      middle: 'handle in the middle',
      off: 'fully OFF',
      on: 'then ON',
      again: 'trips again: leave it off,\ncall an electrician',
    },
  },
  'outlet-gasket': {
    title: 'Gasket behind a plate',
    says: 'A foam gasket under the plate stops the draft. Power off at the breaker first.',
    shows:
      'An outside wall in section with an {outlet} box. Cold air comes through the wall into the box. A foam gasket goes between the wall and the cover plate.',
    labels: {
      cold: 'cold',
      box: 'box',
      gasket: 'gasket',
      plate: 'plate',
      screw: 'one screw',
      off: 'power off at the\nbreaker, test it',
      wall: 'only on outside walls',
    },
  },
  extinguisher: {
    title: 'Fire extinguisher',
    says: 'The needle stands in the green, the pin is sealed. Once a year turn it over and shake it.',
    shows:
      'A fire extinguisher with its gauge, its pin and its hose. To use: pull the pin, aim at the foot of the fire, squeeze, sweep from side to side.',
    labels: {
      gauge: 'needle in green',
      pin: 'pin and seal',
      pull: 'pull the pin',
      aim: 'aim at the foot of the fire',
      squeeze: 'squeeze',
      sweep: 'sweep side to side',
      only: 'only a small fire, with\nyour way out behind you',
    },
  },
  'escape-plan': {
    title: 'Two ways out',
    says: 'From every room two ways out, and one place outside where everyone meets.',
    shows:
      'A floor plan with arrows from each room: one way out through the front door, another through a window. Everyone meets at a tree outside.',
    labels: {
      door: 'door',
      window: 'window',
      meet: 'meet here',
      two: 'two ways\nfrom each room',
      low: 'smoke: stay low. Out, and stay out.',
    },
  },
  'radon-kit': {
    title: 'Radon test',
    says: 'In the lowest room you use, {20 in|50 cm} above the floor, away from windows. Doors and windows shut, for as long as the kit says.',
    shows:
      'A house in section. The test kit stands on a small table in the lowest room in use, twenty inches above the floor. Radon comes in from the ground.',
    labels: {
      ground: 'radon from the ground',
      lived: 'house',
      low: 'lowest room in use',
      kit: 'test kit',
      high: '{20 in|50 cm} up',
      shut: 'windows shut',
    },
  },
  generator: {
    title: 'Generator',
    says: '{20 ft|6 m} from the house, exhaust pointing away, never in a garage. Under load for half an hour.',
    shows:
      'A generator stands outside, twenty feet from the house, with its exhaust pointing away from doors and windows.',
    labels: {
      far: '{20 ft|6 m} or more',
      co: 'exhaust away',
      house: 'house',
      away: 'outdoor cord or a transfer switch',
      never: 'never in a garage,\nnever into a wall {outlet}',
    },
  },
  'leave-house': {
    title: 'Gas smell or CO alarm: out',
    says: 'No switch, no flame, no phone inside. Everyone out, then call from outside.',
    shows:
      'A person walks out of a house without touching the light switch and calls with a phone from outside.',
    labels: {
      switch: 'no switches',
      leave: 'out now',
      call: 'call from',
      then: 'outside',
      no: 'no flame, no phone inside',
      wait: 'do not go back in',
    },
  },
  'lamp-label': {
    title: 'Choosing an LED bulb',
    says: 'Compare lumens, the light, not watts. 800 lumens replace an old 60 watt bulb.',
    shows:
      'A light bulb beside its label: lumens say how bright it is, watts what it uses, kelvin how warm the light is, and whether it can be dimmed.',
    labels: {
      bulb: '800 lm',
      base: 'same base',
      lumen: 'lumens: how bright',
      watt: 'watts: what it uses',
      kelvin: '2700 K: warm light',
      dim: 'dimmable, or not',
      same: 'power off; old tubes go to collection',
    },
  },
} satisfies Record<string, DrawingText>;
