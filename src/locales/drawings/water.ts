import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const water = {
  'main-shutoff': {
    title: 'Main shutoff',
    says: 'A lever across the pipe is shut. A wheel turns to the right until it stops, never by force.',
    shows:
      'Three valves on a pipe: one with a lever, which shuts with a quarter turn; one with a round wheel and one with a T handle, which shut clockwise. Below, a lever across the pipe: shut.',
    labels: {
      lever: 'lever',
      wheel: 'wheel',
      stop: '{main shutoff}',
      quarter: 'a quarter turn',
      turns: 'right, to the end',
      clock: 'right, to the end',
      shut: 'across the pipe: shut',
      back: 'open a wheel fully, then a quarter turn back',
    },
  },
  'gas-shutoff': {
    title: 'Gas valve',
    says: 'Along the pipe it is open, across the pipe it is shut. Only the gas company opens it again.',
    shows:
      'Two gas pipes. In the first the handle lies along the pipe: open. In the second it stands across the pipe: shut. Each appliance has a valve of its own close to it.',
    labels: {
      open: 'along: open',
      shut: 'across: shut',
      each: 'each appliance\nhas its own',
      appliance: 'appliance',
      never: 'smell of gas: do not\ntouch it, go outside',
    },
  },
  'fixture-shutoff': {
    title: 'Shutoff under a sink',
    says: 'Turn it right until it stops, try the {faucet}, and write where it is.',
    shows:
      'Under a sink two small valves stand where the water lines come out of the floor or wall: one for cold, one for hot.',
    labels: { cold: 'cold', hot: 'hot', valve: '{shutoff valve}', line: 'water line', turn: 'right is shut' },
  },
  'hose-bib': {
    title: 'Outdoor {faucet} for the winter',
    says: 'Order: shut inside, open outside, open the little cap. Hose off first.',
    shows:
      'The pipe of an outdoor {faucet} through the wall. 1: shut the valve inside. 2: open the outdoor {faucet} and let it run dry. 3: open the small drain cap inside, then close it. The outdoor {faucet} stays open all winter.',
    labels: {
      in: 'indoors',
      out: 'outdoors',
      shut: 'shut',
      open: 'open',
      relieve: 'open the {bleeder cap},\nlet it drip, close it',
      run: 'let it run dry',
      all: 'leave it open all winter',
      hose: 'hose off',
    },
  },
  'frost-proof-bib': {
    title: 'Frost-proof {faucet} with its hose left on',
    says: 'It shuts deep inside the warm wall, but a hose keeps water in the pipe, and it bursts.',
    shows:
      'A frost-proof {faucet} shuts far back in the wall where it is warm. With the hose left on the water in the pipe cannot run out and freezes.',
    labels: {
      seat: 'it shuts here,',
      warm: 'where it is warm',
      ice: 'water stays and freezes',
      hose: 'hose on: wrong',
      off: 'take the hose off',
      slope: 'slopes down\nto the outside',
    },
  },
  'irrigation-shutoff': {
    title: 'Irrigation for the winter',
    says: 'Shut the supply, blow the lines out zone by zone, open the small cocks of the backflow preventer half-way.',
    shows:
      'The irrigation line comes from the left below the ground, rises to the backflow preventer and goes on to the sprinkler heads. 1: shut the supply. 2: have the lines blown out. 3: turn the test cocks half open.',
    labels: {
      shut: 'shut the supply',
      blow: 'blow out each zone',
      drain: 'cocks\nhalf open',
      bf: 'backflow preventer',
      heads: 'heads',
      air: 'compressed air:\na trade’s work',
    },
  },
  softener: {
    title: 'Water softener',
    says: 'Salt a third to two thirds full, above the water. Push with a broom handle: it must not be a hollow crust.',
    shows:
      'A softener tank beside its salt tank. The salt stands above the water. Top it up when it is less than a third full.',
    labels: {
      tank: 'softener',
      salt: 'salt',
      brine: 'water',
      third: 'at least\na third full',
      lid: 'lid',
      bridge: 'a hollow crust: break it up',
    },
  },
  'tank-heater': {
    title: 'Tank water heater',
    says: 'Sediment lies at the bottom and is flushed at the drain. The anode wears away instead of the tank.',
    shows:
      'A tank water heater in section: cold water goes down the dip tube, hot water leaves at the top. An anode rod hangs from the top. The relief valve sits high with a pipe to the floor; the drain is at the bottom, where sediment lies.',
    labels: {
      cold: 'cold in',
      hot: 'hot out',
      dip: 'dip tube',
      anode: 'anode rod',
      relief: 'relief valve',
      pipe: 'open to\nthe floor',
      drain: 'drain',
      mud: 'sediment',
      burner: 'burner or element',
    },
  },
  'tankless-flush': {
    title: 'Flushing a tankless heater',
    says: 'Both shutoffs closed, gas or power off: vinegar goes around for an hour, then clear water for five minutes.',
    shows:
      'A tankless water heater with its two valves shut below it. A pump in a bucket of vinegar pushes it in at the cold side; a hose brings it back from the hot side into the bucket.',
    labels: {
      unit: 'heater',
      cold: 'cold',
      hot: 'hot',
      pump: 'pump',
      bucket: 'vinegar',
      back: 'back to\nthe bucket',
      valves: 'both shut',
      time: '45 to 60\nminutes',
    },
  },
  'heater-flue': {
    title: 'Water heater flue',
    says: 'The hood sits centered over the flue. Smoke from a match must be drawn in, not blown out.',
    shows:
      'The top of a gas water heater: the draft hood stands centered over the opening and the flue goes straight up. A blanket covers the sides only.',
    labels: {
      hood: 'hood centered,',
      centre: 'on its legs',
      flue: 'flue, no rust',
      match: 'smoke must\ngo in here',
      blanket: 'blanket on\nthe sides only',
      keep: 'never over top,\nburner or valve',
      heater: 'heater',
    },
  },
  'sink-trap': {
    title: 'Sink trap',
    says: 'Bucket under it, two nuts by hand. Rinse it outside, put the washers back the same way.',
    shows:
      'Under a sink the drain goes down, through a bend that holds water, and into the wall. Two large nuts hold the bend. A bucket stands under it.',
    labels: {
      nut: 'nut',
      nut2: 'nut',
      water: 'water stays in\nthe bend: no smell',
      wall: 'to the wall',
      bucket: 'bucket',
      hand: 'left to\nloosen',
      full: 'run water, look for drips',
    },
  },
  aerator: {
    title: 'Aerator',
    says: 'Unscrew it, rinse the screen from below, soak lime in vinegar, put it back in the same order.',
    shows: 'The end of a {faucet}: a washer, a screen and the screw body in this order.',
    labels: {
      spout: '{faucet}',
      washer: 'washer',
      screen: 'screen: rinse it',
      body: 'body, unscrews',
      grit: 'grit here: weak stream',
      turn: 'left to open,',
      flow: '{2.2 gal|6 L} a minute is plenty',
      cloth: 'with a cloth',
    },
  },
  'tap-washer': {
    title: 'Washer of a dripping {faucet}',
    says: 'Water off, plug in the drain. A new washer of the same size; feel the seat for a groove.',
    shows:
      'A {faucet} taken apart: the handle, the stem with its nut, the washer at its lower end, and the seat that it closes.',
    labels: {
      handle: 'handle',
      nut: 'nut of the stem',
      stem: 'stem',
      washer: 'washer',
      seat: 'seat: smooth,\nno groove',
      off: '1 water off\n2 open the {faucet}\n3 plug the drain',
      old: 'take the old\nwasher along',
      body: '{faucet} body',
    },
  },
  gland: {
    title: 'A valve that drips at its handle',
    says: 'Tighten the {packing nut} a sixth of a turn. Still drips: shut the water, wind new packing under it.',
    shows:
      'A valve with its spindle coming out through a nut. A drip shows above the nut. The nut is tightened a little.',
    labels: {
      spindle: 'spindle',
      nut: '{packing nut}:',
      turn: 'a sixth of a turn',
      drip: 'drip',
      pack: 'packing under\nthe nut',
      hold: 'hold the valve\nwith a second {wrench}',
      valve: 'valve',
    },
  },
  'shower-head': {
    title: 'Shower head',
    says: 'Unscrew it with a cloth, leave it in vinegar overnight, wind tape on the thread clockwise.',
    shows:
      'A shower arm with its head. White tape is wound on the thread. Clogged jets spray sideways. The head is left in a cup of vinegar.',
    labels: {
      tape: 'new tape on the thread',
      jets: 'blocked jets',
      bag: 'overnight',
      hand: 'no pliers on\nthe chrome',
      vinegar: 'vinegar',
      flow: 'measure: seconds to fill a bucket',
    },
  },
  'leak-places': {
    title: 'Where to look for moisture',
    says: 'A dry paper towel at each of these places shows a drip that the eye does not see.',
    shows:
      'Four places: the trap under a sink, the base of a toilet, the hoses of the washing machine, and the foot of the water heater.',
    labels: {
      sink: 'sink',
      toilet: 'toilet',
      hoses: 'washer hoses',
      heater: 'heater foot',
      trap: 'trap, valves',
      base: 'base, hose',
      bulge: 'bulge',
      pan: 'pan dry',
    },
  },
  'pipe-insulation': {
    title: 'Insulating a pipe',
    says: 'The slit turned down and taped, joints butted tight, no gap at elbows and valves.',
    shows:
      'A pipe with foam sleeves pushed over it. The sleeves meet at a taped joint. Bare stretches freeze first.',
    labels: {
      seam: 'slit taped shut',
      joint: 'joint taped',
      cold: 'cold space',
      space: '{crawl space}, garage, {attic}',
      gap: 'a bare elbow freezes first',
    },
  },
  'overflow-tee': {
    title: 'Tee at the overflow pipe',
    says: 'A tee lets the wind blow through instead of into the house.',
    shows:
      'An overflow pipe leaves the tank through the wall. A tee at its end, upright, lets wind pass while water can still run out below.',
    labels: {
      tank: 'tank',
      wind: 'wind',
      tee: 'tee, not glued',
      out: 'water out',
      wall: 'wall',
      why: 'not capped',
    },
  },
  'sump-pump': {
    title: 'Sump pump',
    says: 'Pour in a bucket of water: the float rises, the pump starts, empties the pit and stops.',
    shows:
      'A pit in the floor with a pump and its float. The pipe with a check valve leads outside. A bucket of water is poured in.',
    labels: {
      pump: 'pump',
      float: 'float',
      check: 'check valve',
      out: 'to the outside',
      pour: 'bucket of water',
      must: 'starts, empties,\nstops',
      plug: 'plugged in, hands off',
    },
  },
  'toilet-dye': {
    title: 'Silent toilet leak',
    says: 'Food color in the tank, no flushing. Color in the bowl after 15 minutes: the flapper leaks.',
    shows:
      'A toilet tank above its bowl. Food color is put in the tank. After fifteen minutes color in the bowl shows that the flapper lets water through.',
    labels: {
      dye: 'food color in the tank',
      wait: 'wait 15 minutes,',
      color: 'color in the bowl:\nit leaks',
      flapper: 'flapper',
      tank: 'tank',
      no: 'do not flush',
    },
  },
  'pressure-gauge': {
    title: 'Reading the water pressure',
    says: 'Screw the gauge to an outdoor {faucet}, open it fully, everything else shut. {80 psi|5.5 bar} or more is too high.',
    shows:
      'A pressure gauge screwed to an outdoor {faucet}. From forty to eighty pounds is good; above that is too high.',
    labels: {
      good: '{40 to 80 psi|3 to 5.5 bar}: good',
      high: 'too high',
      screw: 'by hand',
      all: 'no water running in the house',
      read: 'read here',
      night: 'overnight it\nkeeps the\nhighest',
    },
  },
  'water-filter': {
    title: 'Water filter cartridge',
    says: 'Shut the water, press the red button to let the pressure off, turn the bowl left.',
    shows:
      'A filter housing: the head with its pressure button, the bowl that unscrews, the cartridge inside, and the rubber ring between them.',
    labels: {
      shut: 'shut',
      press: 'pressure off',
      cart: 'new cartridge',
      bowl: 'bowl',
      turn: 'left, by hand\nor {wrench}',
      ring: 'ring: clean, greased',
    },
  },
  'tap-thermometer': {
    title: 'Measuring the hot water',
    says: 'Let the nearest {faucet} run hot, fill a cup, read the thermometer in it.',
    shows: 'Hot water runs from a {faucet} into a cup with a thermometer in it.',
    labels: {
      hot: 'hot side',
      run: 'run it for 2 minutes',
      cup: 'cup',
      good: '{120 °F|49 °C} at the {faucet}',
      scald: 'hotter scalds',
      probe: 'read in the middle of the cup',
    },
  },
} satisfies Record<string, DrawingText>;
