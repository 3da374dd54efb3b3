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
      'A tall enough ladder on firm ground, four up for one out, clear of lines, a helper holding it; never alone on a roof. Prefer a window look, a drone or a hose test.',
    stop: 'Steep, high, wet, icy, or simply uneasy: hire.',
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
      'Isolate first at the local switch or the panel and prove it dead with a proven tester; dry hands.',
    stop: 'Frayed wire, scorch, a breaker that trips again, a protective {outlet} that will not reset.',
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
    caution: 'The gas shut before anything is opened; you yourself only turn valves.',
    stop: 'A smell of gas: touch no switch, no phone indoors, out of the house, emergency number. Any pipe work: licensed trade.',
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
    caution: 'The carbon monoxide alarms proven before the first firing; fresh air.',
    stop: 'An alarm, a shared headache or nausea, an orange or roaming flame, a cracked exchanger, a loose flue.',
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
    caution: 'Nothing stored near the burner opening; keep your face away from it at ignition.',
    stop: 'Scorch marks in front of the burner.',
    stands: ['combustion-appliance-clearance', 'furnace-start-sequence-watch'],
  },
  'plant-overheating': {
    caution: 'A clean filter of the right grade, or the plant ices or overheats.',
    stop: 'Ice on the lines, or repeated shut-down with a clean filter.',
    stands: ['airflow-restriction-signs', 'air-filter-panel-replace'],
  },
  scald: {
    caution: 'Let it cool; about {120 °F|49 °C} at the {faucet} is hot enough.',
    stop: 'Hot water beyond control.',
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
    caution: 'Gloves; slow hands in tight places.',
    stop: 'A deep cut.',
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
      'Vinegar or bleach, never both and never one after the other without flushing; bleach never with acid, ammonia or descaler.',
    stop: 'Fumes: leave, and air the room.',
    stands: ['pool-water', 'condensate-line-treat', 'aerobic-chlorine-tablets'],
  },
  'poison-tablets': {
    caution: 'The tablets are poison: not for swallowing, locked away from children.',
    stop: 'Swallowed: the poison advice line.',
    stands: ['condensate-pan-tablets', 'aerobic-chlorine-tablets'],
  },
  'pressurised-gas': {
    caution: 'Safety catch until ready, the tip held firmly, eye protection; never stored in heat.',
    stop: 'Two cartridges without result.',
    stands: ['condensate-line-gas-blast'],
  },
  'mineral-fibre': {
    caution: 'Gloves, mask, goggles, overalls; the clothing thrown away after.',
    stop: 'Trouble breathing.',
    stands: ['loft-insulation-lay', 'underbelly-seal', 'duct-seal-and-insulate'],
  },
  'ceiling-fall': {
    caution: 'Tread on timbers only; never alone up there.',
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
    caution: 'In the heat: drinking water, shade, short visits.',
    stop: 'Dizziness.',
    stands: [
      'air-filter-media-replace',
      'ac-temperature-split-test',
      'loft-insulation-lay',
      'metal-roof-coat',
    ],
  },
  'skin-contact': {
    caution: 'Rubber gloves, and fresh air while it is wet.',
    stop: null,
    stands: ['tile-regrout', 'brick-repoint', 'worktop-edge-seal', 'underbelly-seal', 'window-caulk-run'],
  },
  'old-paint': {
    caution: 'Old paint and flashing may hold lead: wet, no dry dust, wash hands.',
    stop: 'Large areas: a trade.',
    stands: ['siding-paint-look', 'lead-flashing-refix', 'hinge-clean-oil', 'glazing-putty-renew'],
  },
  'sewage-infection': {
    caution: 'Sewage infects: gloves; wash thoroughly afterwards.',
    stop: 'Overflow, or a broken lid.',
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
      'Never enter or lean in, never alone by it; children off; the lid back at once. Someone fallen in: call, never follow.',
    stop: 'Any repair inside: licensed trade.',
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
    caution: 'Never have the tank pumped on your own decision: empty, it can float.',
    stop: 'Soaked ground: the tank can float.',
    stands: ['septic-saturation-response', 'aerobic-pump-out'],
  },
  'frost-burst': {
    caution: 'Frost bursts what holds water: act before the first freeze.',
    stop: 'Water running: {main shutoff} off.',
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
    caution: 'Shut the water off first; a bowl and a towel at hand; watch the first run.',
    stop: 'A valve that will not close: {main shutoff} off, licensed trade.',
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
    caution: 'Stay out from under a bulge.',
    stop: 'A bulge, or a heavy drip.',
    stands: ['condensate-pan-overflow-clear', 'ceiling-stain-watch'],
  },
  'fire-load': {
    caution: 'Lint, grease and tar burn: clear before use.',
    stop: 'A burning smell, a roar in the chimney.',
    stands: ['range-hood-filter-wash', 'dryer-vent-clean', 'grill-clean', 'chimney-inspect-and-sweep'],
  },
  'open-flame': {
    caution: 'Candles and pots are never left alone.',
    stop: null,
    stands: ['season-comfort-changeover'],
  },
  'falling-ice': {
    caution: 'Stand clear of hanging ice; do not hack at it.',
    stop: 'A large mass over a doorway.',
    stands: ['ice-dam-watch'],
  },
  slips: { caution: 'Spread sand where people tread.', stop: null, stands: ['concrete-deicer-hold'] },
  mould: {
    caution: 'Mould comes back: dry it and mend the cause.',
    stop: 'Wide or hidden growth.',
    stands: ['interior-leak-watch', 'damp-and-moisture-habits', 'shrub-wall-clearance'],
  },
  rot: {
    caution: 'Keep vents and drip grooves open, or the timber rots.',
    stop: 'Soft timber.',
    stands: ['air-brick-clear', 'window-drip-groove-and-cable-loop'],
  },
  animals: {
    caution: 'Gloves; look for animals and insects before closing anything in.',
    stop: 'Wildlife, or nests of insects that sting.',
    stands: ['skirting-repair', 'gas-fireplace-check', 'grill-burner-nest-clear', 'aerobic-blower-service'],
  },
  'heavy-load': {
    caution: 'Two people; lift with the legs.',
    stop: null,
    stands: ['refrigerator-coil-clean', 'door-sweep-replace'],
  },
  'low-glass': {
    caution: 'Toughened glass where people may fall against it.',
    stop: 'A broken pane.',
    stands: ['low-level-safety-glass'],
  },
  'spring-tension': {
    caution: 'The springs hold enough to maim: never touch them.',
    stop: 'Anything about them: licensed trade.',
    stands: ['garage-door-reverse-test', 'garage-door-lubricate', 'garage-and-hatch-seal-check'],
  },
  'flammable-spray': {
    caution: 'No flame, no spark, plenty of air.',
    stop: null,
    stands: ['wall-penetration-seal', 'underbelly-seal'],
  },
  'hot-ash': {
    caution: 'Ash goes cold into a lidded metal bin outdoors; never a vacuum.',
    stop: null,
    stands: ['fireplace-damper-and-doors', 'grill-clean'],
  },
  asbestos: {
    caution:
      'Old duct tape, lagging, vermiculite and textured ceilings may hold asbestos: do not disturb them.',
    stop: 'Anything suspected: a licensed trade tests it first.',
    stands: ['duct-seal-and-insulate', 'gas-vent-and-trap-check', 'loft-insulation-lay'],
  },
  crushing: {
    caution: 'Nobody under a moving door; children away; hands clear of rollers and hinges.',
    stop: 'It does not reverse, hangs to one side, or drops: unplug the opener and leave it shut.',
    stands: ['garage-door-reverse-test', 'garage-door-lubricate'],
  },
  drowning: {
    caution: 'Fence and gate shut, drain covers whole; a child near water is watched all the time.',
    stop: 'A broken gate or drain cover: nobody goes near until it is mended.',
    stands: ['pool-close', 'pool-open', 'pool-water'],
  },
};
