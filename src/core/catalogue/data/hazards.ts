import type { Hazard } from '../../practice/lists.ts';

/** A hazard: the caution shown at the step, when to stop and call, and the work at which it must stand. */
export interface HazardNote {
  readonly caution: string;
  readonly stop: string | null;
  readonly stands: readonly string[];
}

/** Cautions in the catalogue's words (`{term}` and `{a|b}` as there). */
export const HAZARDS: Readonly<Record<Hazard, HazardNote>> = {
  falls: {
    caution:
      'Ladder on firm ground, {1 ft out for every 4 ft|1 m out for every 4 m} up, away from power lines, someone holding it. Never go on a roof alone. If you can, look from a window or test with a hose instead.',
    stop: 'It is steep, high, wet or icy, or you do not feel safe. Hire someone.',
    stands: [
      'deck-and-rail-look',
      'tree-near-house-look',
      'gutter-clean',
      'roof-storm-look',
      'roof-tile-replace',
      'lead-flashing-refix',
      'smoke-alarm-test',
      'smoke-alarm-battery-swap',
      'smoke-alarm-age-replace',
      'evaporative-cooler-shut',
      'evaporative-cooler-reopen',
      'air-filter-panel-replace',
      'overflow-pipe-wind-tee',
      'metal-roof-coat',
    ],
  },
  shock: {
    caution:
      'First turn the power off at the switch beside it or at the {breaker panel}. Check with a tester that works that it is dead. Keep your hands dry.',
    stop: 'A damaged wire, scorch marks, a breaker that trips again, or a {GFCI} {outlet} that will not reset.',
    stands: [
      'tank-heater-flush',
      'sump-pump-test',
      'bath-fan-clean',
      'heat-pump-outdoor-clear',
      'emergency-power-test',
      'pool-close',
      'circulator-pump-free',
      'furnace-annual-tune-up',
      'furnace-flame-sensor-clean',
      'furnace-cabinet-clean',
      'furnace-blower-wheel-clean',
      'outlet-gasket-fit',
      'ventilator-filter-vacuum',
      'ventilator-core-clean',
      'condensate-pan-tablets',
      'condensate-line-brush',
      'aerobic-timer-check',
      'breaker-trip-reset',
      'gfci-test',
    ],
  },
  gas: {
    caution:
      'Shut off the gas before you open anything. Turn valves only. Leave the rest to a licensed technician.',
    stop: 'You smell gas. Do not touch a switch or use a phone indoors. Leave the house and call the emergency number. Leave all pipe work to a licensed technician.',
    stands: [
      'tank-heater-flush',
      'tank-heater-anode',
      'furnace-annual-tune-up',
      'furnace-flame-sensor-clean',
      'furnace-cabinet-clean',
      'gas-fireplace-check',
      'grill-burner-nest-clear',
      'water-heater-flue-centre',
      'tankless-heater-flush',
      'dryer-vent-clean',
      'gas-shutoff-locate',
      'gas-smell-response',
      'gas-vent-and-trap-check',
    ],
  },
  'carbon-monoxide': {
    caution: 'Test the carbon monoxide alarms before the heating starts. Let fresh air in.',
    stop: 'An alarm sounds, several people have a headache or feel sick, the flame is orange or wanders, the heat exchanger is cracked, or the flue is loose.',
    stands: [
      'emergency-power-test',
      'furnace-annual-tune-up',
      'furnace-start-sequence-watch',
      'heat-exchanger-inspect',
      'gas-vent-and-trap-check',
      'oil-boiler-annual-service',
      'water-heater-flue-centre',
      'fireplace-damper-and-doors',
      'chimney-inspect-and-sweep',
      'gas-fireplace-check',
      'co-event-response',
    ],
  },
  'delayed-ignition': {
    caution: 'Keep things away from the burner opening. Keep your face away from it when it lights.',
    stop: 'There are scorch marks in front of the burner.',
    stands: ['combustion-appliance-clearance', 'furnace-start-sequence-watch'],
  },
  'plant-overheating': {
    caution: 'Use a clean filter of the right grade. Otherwise the unit ices up or overheats.',
    stop: 'There is ice on the lines, or it shuts down again with a clean filter.',
    stands: ['airflow-restriction-signs', 'air-filter-panel-replace'],
  },
  scald: {
    caution: 'Let it cool. About {120 °F|49 °C} at the {faucet} is hot enough.',
    stop: 'You cannot stop the hot water.',
    stands: [
      'tank-heater-flush',
      'relief-valve-look',
      'water-heater-temperature-set',
      'radiator-valve-gland-tighten',
      'grill-clean',
      'window-film-fit',
    ],
  },
  cuts: {
    caution: 'Wear gloves. Move your hands slowly in tight places.',
    stop: 'Someone has a deep cut.',
    stands: [
      'furnace-annual-tune-up',
      'furnace-cabinet-clean',
      'glazing-putty-renew',
      'loft-insulation-lay',
      'duct-seal-and-insulate',
    ],
  },
  'mixed-chemicals': {
    caution:
      'Use vinegar or bleach, never both, and never one after the other without flushing. Never use bleach with acid, ammonia or descaler.',
    stop: 'There are fumes. Leave, and air the room.',
    stands: ['pool-water', 'condensate-line-treat', 'aerobic-chlorine-tablets'],
  },
  'poison-tablets': {
    caution: 'The tablets are poison. Lock them away from children.',
    stop: 'Someone swallowed one. Call the poison line.',
    stands: ['condensate-pan-tablets', 'aerobic-chlorine-tablets'],
  },
  'pressurised-gas': {
    caution:
      'Leave the safety catch on until you are ready. Hold the tip firmly and wear eye protection. Never store it in heat.',
    stop: 'Two cartridges did not help.',
    stands: ['condensate-line-gas-blast'],
  },
  'mineral-fibre': {
    caution: 'Wear gloves, a mask, goggles and overalls. Throw the overalls away afterwards.',
    stop: 'Someone has trouble breathing.',
    stands: ['loft-insulation-lay', 'underbelly-seal', 'duct-seal-and-insulate'],
  },
  'ceiling-fall': {
    caution: 'Step on the joists only. Never go up there alone.',
    stop: null,
    stands: [
      'loft-insulation-lay',
      'air-filter-media-replace',
      'condensate-line-treat',
      'condensate-backup-protection-check',
      'ac-temperature-split-test',
    ],
  },
  'heat-illness': {
    caution: 'In the heat, drink water, rest in the shade and keep visits short.',
    stop: 'Someone feels dizzy.',
    stands: [
      'air-filter-media-replace',
      'ac-temperature-split-test',
      'loft-insulation-lay',
      'metal-roof-coat',
    ],
  },
  'skin-contact': {
    caution: 'Wear rubber gloves. Let fresh air in while it is wet.',
    stop: null,
    stands: ['tile-regrout', 'brick-repoint', 'worktop-edge-seal', 'underbelly-seal', 'window-caulk-run'],
  },
  'old-paint': {
    caution: 'Old paint and flashing may contain lead. Work wet, make no dry dust, and wash your hands.',
    stop: 'The area is large. Hire a licensed contractor.',
    stands: ['siding-paint-look', 'lead-flashing-refix', 'hinge-clean-oil', 'glazing-putty-renew'],
  },
  'sewage-infection': {
    caution: 'Sewage makes people ill. Wear gloves and wash well afterwards.',
    stop: 'It overflows, or a lid is broken.',
    stands: [
      'septic-tank-inspect',
      'aerobic-quick-look',
      'aerobic-lid-baffle-elbow-check',
      'aerobic-layer-measure',
      'aerobic-pump-out',
      'aerobic-blower-service',
      'aerobic-aeration-chamber-check',
      'aerobic-upflow-filter',
      'aerobic-chlorine-tablets',
      'septic-saturation-response',
      'gully-clear',
      'sink-trap-clean',
    ],
  },
  'open-tank': {
    caution:
      'Never enter the tank, lean into it or work there alone. Keep children away. Put the lid back at once. If someone falls in, call for help and never follow.',
    stop: 'Something inside needs repair. Call a licensed contractor.',
    stands: [
      'septic-tank-inspect',
      'aerobic-lid-baffle-elbow-check',
      'aerobic-layer-measure',
      'aerobic-pump-out',
      'aerobic-aeration-chamber-check',
      'aerobic-upflow-filter',
      'septic-saturation-response',
    ],
  },
  'buoyant-tank': {
    caution: 'Never decide by yourself to have the tank pumped: an empty tank can float.',
    stop: 'The ground is soaked: the tank can float.',
    stands: ['septic-saturation-response', 'aerobic-pump-out'],
  },
  'frost-burst': {
    caution: 'Frost breaks whatever holds water. Do this before the first freeze.',
    stop: 'Water is running out. Shut the {main shutoff}.',
    stands: [
      'pool-close',
      'hose-disconnect',
      'outdoor-tap-shut-and-drain',
      'irrigation-winterise',
      'evaporative-cooler-shut',
      'pipe-insulation-fit',
    ],
  },
  flooding: {
    caution: 'Shut the water off first. Keep a bowl and a towel ready, and watch when it runs again.',
    stop: 'A valve will not close. Shut the {main shutoff} and call a plumber.',
    stands: [
      'supply-hoses-look',
      'water-filter-cartridge',
      'sump-pump-test',
      'tap-washer-replace',
      'service-valve-fit',
      'washing-machine-filter',
      'humidifier-pad-replace',
      'outdoor-tap-reopen',
    ],
  },
  'ceiling-collapse': {
    caution: 'Never stand under a bulge.',
    stop: 'There is a bulge, or water drips fast.',
    stands: ['condensate-pan-overflow-clear', 'ceiling-stain-watch'],
  },
  'fire-load': {
    caution: 'Lint, grease and tar can burn. Clean them out before use.',
    stop: 'It smells of burning, or the chimney roars.',
    stands: ['range-hood-filter-wash', 'dryer-vent-clean', 'grill-clean', 'chimney-inspect-and-sweep'],
  },
  'open-flame': {
    caution: 'Never leave candles or pots alone.',
    stop: null,
    stands: ['season-comfort-changeover'],
  },
  'falling-ice': {
    caution: 'Stay away from hanging ice. Do not hack at it.',
    stop: 'There is a lot of ice over a door.',
    stands: ['ice-dam-watch'],
  },
  slips: { caution: 'Spread sand where people tread.', stop: null, stands: ['concrete-deicer-hold'] },
  mould: {
    caution: 'Mould comes back unless you dry the place and fix the cause.',
    stop: 'It covers a wide area, or it is hidden.',
    stands: ['interior-leak-watch', 'damp-and-moisture-habits', 'shrub-wall-clearance'],
  },
  rot: {
    caution: 'Keep vents and drip grooves open, or the wood rots.',
    stop: 'The wood is soft.',
    stands: ['air-brick-clear', 'window-drip-groove-and-cable-loop'],
  },
  animals: {
    caution: 'Wear gloves. Look for animals and insects before you close anything.',
    stop: 'There are wild animals, or nests of insects that sting.',
    stands: ['skirting-repair', 'gas-fireplace-check', 'grill-burner-nest-clear', 'aerobic-blower-service'],
  },
  'heavy-load': {
    caution: 'Do it with two people, and lift with your legs.',
    stop: null,
    stands: ['refrigerator-coil-clean', 'door-sweep-replace'],
  },
  'low-glass': {
    caution: 'Use safety glass where people may fall against it.',
    stop: 'A pane is broken.',
    stands: ['low-level-safety-glass'],
  },
  'spring-tension': {
    caution: 'The springs are under strong tension and can injure badly. Never touch them.',
    stop: 'Something is wrong with the springs. Call a licensed technician.',
    stands: ['garage-door-reverse-test', 'garage-door-lubricate', 'garage-and-hatch-seal-check'],
  },
  'flammable-spray': {
    caution: 'No flames or sparks. Let in plenty of air.',
    stop: null,
    stands: ['wall-penetration-seal', 'underbelly-seal'],
  },
  'hot-ash': {
    caution: 'Put cold ash into a metal bin with a lid, outdoors. Never vacuum it.',
    stop: null,
    stands: ['fireplace-damper-and-doors', 'grill-clean'],
  },
  asbestos: {
    caution:
      'Old duct tape, pipe insulation, vermiculite and textured ceilings may contain asbestos. Do not disturb them.',
    stop: 'You suspect asbestos. Have a licensed contractor test it first.',
    stands: ['duct-seal-and-insulate', 'gas-vent-and-trap-check', 'loft-insulation-lay'],
  },
  crushing: {
    caution: 'Nobody stands under a moving door. Keep children away, and your hands off rollers and hinges.',
    stop: 'It does not reverse, hangs to one side, or drops. Unplug the opener and leave the door shut.',
    stands: ['garage-door-reverse-test', 'garage-door-lubricate'],
  },
  drowning: {
    caution: 'Fence and gate are shut and drain covers are whole. Watch a child near water all the time.',
    stop: 'A gate or drain cover is broken. Nobody goes near until it is repaired.',
    stands: ['pool-close', 'pool-open', 'pool-water'],
  },
};
