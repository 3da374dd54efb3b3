import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const openings = {
  'paper-test': {
    title: 'Paper test at a door',
    says: 'Close the door on a strip of paper and pull: it must drag all along. A quarter turn of each screw at a time.',
    shows:
      'A door in section over its threshold, with a strip of paper under it. The screws of the threshold raise it.',
    labels: {
      drag: 'paper must drag',
      door: 'door',
      sweep: '{door sweep}',
      threshold: 'threshold',
      loose: 'slides out: screws up a quarter turn, try again',
      screws: 'screws',
    },
  },
  weatherstrip: {
    title: '{Weatherstripping}',
    says: 'The strip is a little thicker than the gap. Clean and dry the frame, start at the top.',
    shows: 'Three kinds of strips between a frame and a door: foam, a folded V strip, and a round bulb.',
    labels: {
      foam: 'foam',
      v: 'V strip',
      bulb: 'bulb',
      foamfor: 'short-lived',
      vfor: 'sides',
      bulbfor: 'doors, uneven',
      gap: 'measure the gap in four places',
      clean: 'it must press, but the door must close',
    },
  },
  'door-sweep': {
    title: '{Door sweep}',
    says: 'Cut to the width of the door, screwed through its slots, so that it just touches the threshold.',
    shows:
      'The foot of a door with a strip screwed to it. Its soft edge touches the threshold. The screw holes are slots.',
    labels: {
      door: 'door',
      slot: 'slots: adjust',
      touch: 'just touches: no drag, no light',
      cut: 'cut to the\nwidth',
      seal: 'sweep',
    },
  },
  'caulk-joint': {
    title: '{Caulk} joint',
    says: 'It holds on two sides, not on the bottom. A deep joint gets a foam rod first.',
    shows:
      'A joint between a wall and a window frame, filled with a bead. Behind the bead lies a round foam rod.',
    labels: {
      caulk: 'bead, half as deep as wide',
      rod: 'foam rod',
      two: 'sticks to',
      sides: 'two sides only',
      gun: 'nozzle at 45°',
      old: 'old sealant out, clean, dry, above {40 °F|5 °C}',
      half: 'dry a day',
    },
  },
  'window-film': {
    title: 'Film on a window',
    says: 'Tape on the clean frame, film on the tape, then warm air until the folds are gone.',
    shows:
      'A window frame with double-sided tape around it and a clear film over it. A hair dryer is moved across it.',
    labels: {
      tape: 'two-sided tape',
      film: 'film',
      dryer: 'hair dryer',
      warm: 'keep it moving',
      order: 'top first, then\nsides, then below',
      frame: 'leave an escape window free',
    },
  },
  'draft-places': {
    title: 'Where drafts come in',
    says: 'A windy day, fans on, windows shut: hold a smoking stick to these places and watch the smoke.',
    shows:
      'A house with five places: 1 windows, 2 doors, 3 the hatch to the {attic}, 4 outlets at the outside wall, 5 pipes through the wall.',
    labels: {
      list: '1 windows  2 doors  3 hatch  4 {outlets}  5 pipes',
      smoke: 'smoke\nstick',
      wind: 'windy\nday',
    },
  },
  'storm-panel': {
    title: 'Storm panel and screen',
    says: 'Number panel and window the same. Turn buttons in, weep holes at the bottom stay open.',
    shows: 'A window with a storm panel that goes on from outside and a screen that comes off.',
    labels: {
      panel: 'storm panel',
      screen: 'screen',
      turn: 'turn buttons',
      weep: 'weep holes open',
      number: 'same number on\nboth',
      two: 'two people',
    },
  },
  'window-parts': {
    title: 'Looking over a window',
    says: 'Open and close it once: it must move freely and lock.',
    shows:
      'A window with four places: 1 the glass and its seal, 2 the lock, 3 the putty or seal at the sill, 4 the weep holes.',
    labels: {
      one: '1 fog between\n   panes, cracks',
      two: '2 lock, hinges',
      three: '3 putty, paint',
      four: '4 weep holes\n   open',
      wash: 'from the\ntop down',
    },
  },
  hinge: {
    title: 'Hinge',
    says: 'Scrape the paint out of the joints, tap the pin up, clean it, one drop of oil, tap it in.',
    shows: 'A hinge between a door and its frame with its pin coming out at the top.',
    labels: {
      pin: 'pin up',
      oil: 'one drop of oil',
      paint: 'paint here\nmakes it stiff',
      door: 'door',
      frame: 'frame',
      one: 'one hinge at a time: the door hangs on the others',
    },
  },
  putty: {
    title: 'Reglazing a pane',
    says: 'A thin bed of putty behind the glass, pins, then a sloped bead outside that sheds water.',
    shows: 'A window sash in section with the glass in it and a sloped bead of putty on the outside.',
    labels: {
      glass: 'glass',
      putty: 'sloped bead',
      bed: 'thin bed',
      sash: 'sash',
      out: 'outside',
      in: 'inside',
      paint: 'paint over it onto\nthe glass, a hair wide',
    },
  },
  grout: {
    title: 'Grout between tiles',
    says: 'Rake out the loose grout, press new in at a slant, wipe after 20 minutes. Corners get silicone.',
    shows: 'Nine tiles. In one joint the grout is loose and raked out, in another it is new.',
    labels: {
      rake: '1 rake out the loose',
      fill: '2 press new grout in,\nat a slant',
      corner: 'corner: silicone,\nnot grout',
      seal: 'dry for a day, then seal it',
    },
  },
  'silicone-edge': {
    title: 'Silicone at {counter}, bath or shower',
    says: 'All old silicone out, dry it for a day, tape both sides, one pass, smooth once.',
    shows: 'The edge between a wall and a {counter} with a hollow bead of silicone.',
    labels: {
      wall: 'wall',
      top: '{counter}',
      bead: 'hollow bead',
      tape: 'tape on both sides',
      old: 'mold under it: cut all out',
      wet: 'smooth once, wet',
      fill: 'fill a bath with\nwater first',
    },
  },
  'garage-door': {
    title: 'Garage door',
    says: 'It must reverse on a board laid flat, and when something crosses the light beam.',
    shows:
      'A garage door with the two sensors near the floor, a board laid flat under it, and the rollers and hinges at its sides.',
    labels: {
      eyes: 'light beam',
      wood: 'board, flat',
      oil: 'rollers, hinges: oil',
      spring: 'never the springs',
      must: 'touches it and goes back up',
      opener: 'opener',
    },
  },
  'wall-hole': {
    title: 'Sealing a hole in the wall',
    says: 'Small gaps get {caulk}, large ones foam first. Around a hot flue only fireproof material.',
    shows:
      'A pipe through a wall. The gap around it is filled with foam and closed with a bead on both sides.',
    labels: {
      in: 'indoors',
      out: 'outdoors',
      bead: 'bead all around',
      foam: 'foam',
      slope: 'slopes down outside',
      hot: 'flue: metal and\nfireproof sealant',
    },
  },
} satisfies Record<string, DrawingText>;
