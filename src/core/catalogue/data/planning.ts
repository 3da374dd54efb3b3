import type { AssetKind } from '../../basics/assetKind.ts';
import type { PracticeSystem } from '../../practice/lists.ts';
import type { Area, Consequence, Planning, Skill, WeatherLimit } from '../../practice/planning.ts';
import type { Practice } from '../../practice/practice.ts';

/** The usual consequence of work left undone, by system; lives and frost come first wherever they are named. */
const BY_SYSTEM: Readonly<Record<PracticeSystem, Consequence>> = {
  air: 'costly-wear',
  cooling: 'costly-wear',
  heating: 'costly-wear',
  humidity: 'costly-wear',
  alarms: 'life-safety',
  water: 'water-and-frost',
  'evaporative-cooler': 'water-and-frost',
  roof: 'water-and-frost',
  ground: 'water-and-frost',
  openings: 'money',
  fires: 'costly-wear',
  appliances: 'costly-wear',
  sewage: 'costly-wear',
  garden: 'comfort',
  manufactured: 'water-and-frost',
  household: 'comfort',
};

/** Where a thing usually stands; what is not named is anywhere indoors. */
const BY_KIND: Partial<Record<AssetKind, readonly [outdoors: boolean, area: Area]>> = {
  'air-handler': [false, 'plant'],
  'filter-position': [false, 'plant'],
  'duct-system': [false, 'plant'],
  cooling: [true, 'yard'],
  'condensate-drain': [false, 'plant'],
  furnace: [false, 'plant'],
  boiler: [false, 'plant'],
  humidifier: [false, 'plant'],
  ventilator: [false, 'plant'],
  'water-heater': [false, 'plant'],
  softener: [false, 'plant'],
  'water-filter': [false, 'plant'],
  panel: [false, 'plant'],
  'water-main': [false, 'plant'],
  'outside-tap': [true, 'walls'],
  irrigation: [true, 'yard'],
  shower: [false, 'bathroom'],
  'wet-room': [false, 'bathroom'],
  toilet: [false, 'bathroom'],
  'bath-fan': [false, 'bathroom'],
  sink: [false, 'kitchen'],
  'range-hood': [false, 'kitchen'],
  dishwasher: [false, 'kitchen'],
  refrigerator: [false, 'kitchen'],
  'evaporative-cooler': [true, 'roof'],
  'gutter-run': [true, 'roof'],
  roof: [true, 'roof'],
  'vent-pipe': [true, 'roof'],
  'overflow-pipe': [true, 'walls'],
  'yard-outlet': [true, 'yard'],
  'stairwell-drain': [true, 'yard'],
  gully: [true, 'yard'],
  attic: [false, 'attic'],
  foundation: [true, 'walls'],
  concrete: [true, 'yard'],
  masonry: [true, 'walls'],
  'air-bricks': [true, 'walls'],
  walls: [true, 'walls'],
  'garage-door': [false, 'garage'],
  grill: [true, 'yard'],
  'treatment-plant': [true, 'yard'],
  'septic-tank': [true, 'yard'],
  lawn: [true, 'yard'],
  garden: [true, 'yard'],
  underbelly: [true, 'crawl-space'],
  skirting: [true, 'walls'],
  sump: [false, 'basement'],
  deck: [true, 'yard'],
  pool: [true, 'yard'],
  generator: [true, 'yard'],
};

/** Exceptions from the usual of its system, its things and its set-ups. */
const OTHERWISE: Readonly<Record<string, Partial<Planning>>> = {
  'air-filter-arrow-mark': { consequence: 'money' },
  'air-filter-restock': { consequence: 'money', area: 'anywhere' },
  'air-filter-media-replace': { area: 'attic' },
  'duct-damper-season-set': { consequence: 'comfort' },
  'duct-seal-and-insulate': { consequence: 'money', people: 2 },
  'ac-temperature-split-test': { outdoors: false, area: 'plant' },
  'cooling-away-setpoint': { consequence: 'money', outdoors: false, area: 'anywhere' },
  'condensate-line-treat': { consequence: 'water-and-frost' },
  'condensate-pan-tablets': { consequence: 'water-and-frost' },
  'condensate-line-brush': { consequence: 'water-and-frost' },
  'condensate-line-vacuum': { consequence: 'water-and-frost', outdoors: true, area: 'walls', noise: 'loud' },
  'condensate-line-gas-blast': { consequence: 'water-and-frost', noise: 'loud' },
  'condensate-outlet-drip-look': { consequence: 'water-and-frost', outdoors: true, area: 'walls' },
  'condensate-pan-overflow-clear': { consequence: 'water-and-frost', noise: 'loud' },
  'condensate-backup-protection-check': { consequence: 'water-and-frost' },
  'furnace-blower-wheel-clean': { noise: 'loud', skills: ['mains'] },
  'furnace-annual-tune-up': { noise: 'loud' },
  'furnace-cabinet-clean': { noise: 'loud' },
  'gas-vent-and-trap-check': { outdoors: true, area: 'walls' },
  'ignition-fault-call': { skills: ['gas'] },
  'circulator-pump-free': { skills: ['mains'] },
  'radiator-valve-gland-tighten': { area: 'anywhere', consequence: 'water-and-frost' },
  'thermostat-battery-swap': { area: 'anywhere' },
  'thermostat-schedule-set': { area: 'anywhere', consequence: 'money' },
  'humidifier-season-on': { consequence: 'comfort' },
  'humidity-read-and-adjust': { consequence: 'comfort', area: 'anywhere' },
  'ventilator-grille-dust': { consequence: 'comfort', area: 'anywhere' },
  'smoke-alarm-test': { noise: 'loud', skills: [] },
  'smoke-alarm-battery-swap': { noise: 'loud' },
  'smoke-alarm-sensor-challenge': { noise: 'loud' },
  'smoke-alarm-age-replace': { skills: ['steps', 'mains'] },
  'smoke-alarm-chirp-triage': { skills: [] },
  'co-alarm-test-and-battery': { noise: 'loud' },
  'gas-detector-test-and-battery': { noise: 'loud' },
  'breaker-trip-reset': { consequence: 'comfort' },
  'lamp-changeover': { consequence: 'money' },
  'outlet-gasket-fit': { consequence: 'money', outdoors: false, area: 'anywhere', skills: ['mains'] },
  'battery-restock': { consequence: 'life-safety' },
  'emergency-power-test': { noise: 'loud' },
  'service-valve-fit': { consequence: 'money' },
  'water-heater-blanket': { consequence: 'money' },
  'water-heater-temperature-set': { consequence: 'life-safety' },
  'tank-heater-flush': { consequence: 'costly-wear', skills: ['gas', 'mains'] },
  'tank-heater-anode': { consequence: 'costly-wear', skills: ['gas', 'mains'] },
  'tank-heater-age-plan': { consequence: 'money' },
  'relief-valve-look': { consequence: 'life-safety' },
  'tankless-heater-flush': { consequence: 'costly-wear' },
  'shower-head-swap': { consequence: 'money' },
  'shower-head-descale': { consequence: 'comfort' },
  'aerator-swap': { consequence: 'money' },
  'softener-salt-top-up': { consequence: 'costly-wear' },
  'main-pressure-read': { outdoors: true, area: 'walls', consequence: 'costly-wear' },
  'backflow-test': { consequence: 'life-safety' },
  'pipe-insulation-fit': { area: 'crawl-space' },
  'sink-trap-clean': { consequence: 'comfort' },
  'toilet-leak-test': { consequence: 'money' },
  'water-filter-cartridge': { consequence: 'costly-wear' },
  'evaporative-cooler-reopen': { consequence: 'comfort' },
  'ceiling-stain-watch': { outdoors: false, area: 'attic' },
  'ice-dam-watch': { area: 'yard' },
  'roof-storm-look': { area: 'yard' },
  'roof-professional-inspection': { weather: ['ladder'] },
  'metal-roof-coat': { weather: ['ladder', 'sealant'] },
  'lead-flashing-refix': { weather: ['ladder', 'sealant'] },
  'downspout-and-flow-test': { area: 'yard' },
  'vent-pipe-cage-fit': { consequence: 'comfort' },
  'loft-insulation-lay': { consequence: 'money', people: 2 },
  'brick-repoint': { weather: ['sealant'] },
  'grade-backfill': { weather: ['dry'], area: 'walls' },
  'concrete-deicer-hold': { consequence: 'costly-wear' },
  'wall-cavity-repair-close': { outdoors: false, area: 'anywhere' },
  'window-drip-groove-and-cable-loop': { outdoors: true, area: 'walls' },
  'shrub-wall-clearance': { weather: ['dry'], noise: 'loud' },
  'tree-near-house-look': { outdoors: true, area: 'yard' },
  'siding-paint-look': { weather: ['dry'] },
  'termite-look': { consequence: 'costly-wear', outdoors: true, area: 'walls' },
  'air-leak-survey': { consequence: 'money' },
  'caulk-inspect': { outdoors: true, area: 'walls', consequence: 'water-and-frost', weather: ['dry'] },
  'window-caulk-run': { outdoors: true, area: 'walls', weather: ['sealant'] },
  'wall-penetration-seal': { weather: ['sealant'] },
  'storm-panel-fit': { outdoors: true, area: 'walls' },
  'screen-fit': { outdoors: true, area: 'walls', consequence: 'comfort' },
  'window-clean': { consequence: 'comfort', outdoors: true, area: 'walls', weather: ['dry'] },
  'window-inspect': { outdoors: true, area: 'walls', consequence: 'water-and-frost' },
  'glazing-putty-renew': { outdoors: true, area: 'walls', weather: ['sealant'] },
  'tile-regrout': { consequence: 'water-and-frost' },
  'worktop-edge-seal': { consequence: 'water-and-frost', area: 'kitchen' },
  'low-level-safety-glass': { consequence: 'life-safety' },
  'garage-door-lubricate': { consequence: 'costly-wear' },
  'chimney-inspect-and-sweep': { area: 'roof' },
  'gas-fireplace-check': { skills: ['gas'] },
  'fireplace-damper-and-doors': { consequence: 'money' },
  'grill-clean': { consequence: 'comfort', weather: ['dry'], noise: 'loud' },
  'grill-burner-nest-clear': { consequence: 'life-safety' },
  'full-load-running': { consequence: 'money', area: 'anywhere' },
  'dryer-lint-screen': { consequence: 'life-safety' },
  'dryer-vent-clean': { noise: 'loud' },
  'refrigerator-coil-clean': { people: 2 },
  'aerobic-lid-baffle-elbow-check': { skills: ['sewage'] },
  'aerobic-layer-measure': { skills: ['sewage'] },
  'aerobic-aeration-chamber-check': { skills: ['sewage'] },
  'aerobic-upflow-filter': { skills: ['sewage'] },
  'aerobic-blower-service': { skills: ['mains'] },
  'aerobic-timer-check': { skills: ['mains'] },
  'septic-tank-inspect': { skills: ['sewage'], weather: ['ground'] },
  'aerobic-pump-out': { weather: ['ground'] },
  'aerobic-service-contract': { outdoors: false, area: 'anywhere', consequence: 'money' },
  'lawn-autumn-programme': { noise: 'loud', weather: ['dry'] },
  'pool-close': { consequence: 'water-and-frost' },
  'pool-open': { consequence: 'life-safety' },
  'pool-water': { consequence: 'life-safety' },
  'skirting-repair': { weather: ['dry'] },
  'emergency-supplies': { consequence: 'life-safety' },
  donations: { consequence: 'money' },
  'trade-visit-scope-check': { consequence: 'money' },
  'builder-defect-report': { consequence: 'money' },
};

/** The practices the table names, for the test that it names none that is gone. */
export const PLANNED_OTHERWISE: readonly string[] = Object.keys(OTHERWISE);

/** A practice with what a plan of the year must know of it. */
export function withPlanning(practice: Practice): Practice {
  return { ...practice, planning: { ...usualPlanning(practice), ...OTHERWISE[practice.code] } };
}

function usualPlanning(practice: Practice): Planning {
  const [outdoors, area] = placeOf(practice);
  const { doers, setUps } = practice;
  const weather: WeatherLimit[] = outdoors && setUps.includes('ladder') ? ['ladder'] : [];
  return {
    consequence: consequenceOf(practice),
    outdoors,
    area,
    people: doers.includes('helper') && !doers.includes('self') ? 2 : 1,
    weather,
    noise: 'quiet',
    skills: skillsOf(practice, outdoors),
  };
}

function placeOf({ appliesTo, setUps }: Practice): readonly [boolean, Area] {
  if (setUps.includes('crawl-space')) return [false, 'crawl-space'];
  const [kind] = appliesTo;
  return (kind && BY_KIND[kind]) ?? [false, 'anywhere'];
}

function consequenceOf({ lifeSafety, freezeGuard, system }: Practice): Consequence {
  if (lifeSafety) return 'life-safety';
  return freezeGuard ? 'water-and-frost' : BY_SYSTEM[system];
}

function skillsOf({ setUps }: Practice, outdoors: boolean): Skill[] {
  return [
    ...(setUps.includes('ladder') ? [outdoors ? ('ladders' as const) : ('steps' as const)] : []),
    ...(setUps.includes('gas-off') ? ['gas' as const] : []),
    ...(setUps.includes('crawl-space') ? ['crawling' as const] : []),
  ];
}
