import type { Anchor } from '../../climate/anchor.ts';
import type { Rule, WorthUntil } from '../../practice/rule.ts';
import type { Practice } from '../../practice/practice.ts';

const until = (season: Anchor, days = 0): WorthUntil => ({ season, days });
const within = (afterDays: number): WorthUntil => ({ afterDays });

/** Shutting, covering or emptying for the frost helps until a month before the last one: after that it is soon opened again. */
const END_OF_COLD = until('lastFreeze', -30);
const LAST_FREEZE = until('lastFreeze');
/** Water is opened again until the shutting begins, five weeks before the first freeze: never at the onset of winter. */
const BEFORE_SHUTTING = until('firstFreeze', -35);
/** A thing put away for the summer is left as it is once it is about to be needed again. */
const BEFORE_HEATING = until('heatingStart', -45);
/** A thing put up for the winter is not put up any more once it is about to be put away. */
const BEFORE_SUMMER = until('heatingEnd', -35);
const HEATING_ENDS = until('heatingEnd');
const COOLING_ENDS = until('coolingEnd');
const MIDWINTER = until('midwinter');
const LATE_SUMMER = until('lateSummer');
const FIRST_FREEZE = until('firstFreeze');
/** Batteries and tests that go with the clocks: a season later they wait for the next change. */
const WITH_THE_CLOCKS = within(90);

/** The anchor of a listed date of a practice: a turning point of the year, the clocks, or a fixed day. */
type Hook = Anchor | 'clocks' | 'days';
type Until = Partial<Record<Hook, WorthUntil>>;

/** Work that starts with heating or with cooling, until that ends. */
const WITH_SEASON: Until = { heatingStart: HEATING_ENDS, coolingStart: COOLING_ENDS };
const ALARM: Until = {
  clocks: WITH_THE_CLOCKS,
  heatingStart: HEATING_ENDS,
  lateSummer: HEATING_ENDS,
};
const GUTTERS: Until = { leafFall: MIDWINTER, lateWinter: LATE_SUMMER };
const BEFORE_WINTER: Until = { lateSummer: HEATING_ENDS };

/** Until when each seasonal practice is still worth doing, by what its date hangs on. Every school of the practice has it. */
export const WORTH_UNTIL: Readonly<Record<string, Until>> = {
  'air-filter-media-replace': WITH_SEASON,
  'air-filter-restock': BEFORE_WINTER,
  'duct-damper-season-set': WITH_SEASON,
  'ac-temperature-split-test': WITH_SEASON,
  'cooling-service-visit': WITH_SEASON,
  'heat-pump-outdoor-clear': WITH_SEASON,
  'condensate-line-brush': WITH_SEASON,
  'condensate-line-vacuum': WITH_SEASON,
  'condensate-backup-protection-check': WITH_SEASON,

  'furnace-annual-tune-up': WITH_SEASON,
  'furnace-flame-sensor-clean': WITH_SEASON,
  'furnace-cabinet-clean': WITH_SEASON,
  'furnace-start-sequence-watch': WITH_SEASON,
  'heat-exchanger-inspect': WITH_SEASON,
  'combustion-appliance-clearance': WITH_SEASON,
  'gas-vent-and-trap-check': WITH_SEASON,
  'heating-service-visit': WITH_SEASON,
  'oil-boiler-annual-service': WITH_SEASON,
  'circulator-pump-free': WITH_SEASON,
  'radiator-valve-gland-tighten': WITH_SEASON,
  'thermostat-battery-swap': { ...WITH_SEASON, clocks: WITH_THE_CLOCKS },
  'thermostat-schedule-set': { ...WITH_SEASON, clocks: WITH_THE_CLOCKS },

  'humidifier-season-on': { heatingStart: BEFORE_SUMMER },
  'humidifier-season-off': { heatingEnd: BEFORE_HEATING },
  'humidifier-pad-replace': { ...WITH_SEASON, midwinter: HEATING_ENDS },
  'humidifier-midwinter-scale-look': { midwinter: HEATING_ENDS },
  'ventilator-condensate-look': { midwinter: HEATING_ENDS },

  'smoke-alarm-test': ALARM,
  'smoke-alarm-battery-swap': ALARM,
  'co-alarm-test-and-battery': ALARM,
  'gas-detector-test-and-battery': ALARM,
  'gfci-test': WITH_SEASON,
  'battery-restock': { lateSummer: within(75), lateWinter: within(30) },

  'hose-disconnect': { firstFreeze: END_OF_COLD },
  'outdoor-tap-shut-and-drain': { firstFreeze: END_OF_COLD, leafFall: END_OF_COLD },
  'outdoor-tap-reopen': { lastFreeze: BEFORE_SHUTTING },
  'irrigation-winterise': { firstFreeze: END_OF_COLD },
  'irrigation-reopen': { lastFreeze: BEFORE_SHUTTING },
  'water-heater-temperature-set': WITH_SEASON,
  'water-heater-flue-centre': WITH_SEASON,
  'evaporative-cooler-shut': { firstFreeze: END_OF_COLD, coolingEnd: END_OF_COLD },
  'evaporative-cooler-reopen': {
    coolingStart: until('coolingEnd', -30),
    lastFreeze: until('coolingEnd', -30),
  },

  'gutter-clean': GUTTERS,
  'downspout-and-flow-test': GUTTERS,
  'yard-outlet-check': GUTTERS,
  'stairwell-drain-clear': GUTTERS,
  'gully-clear': GUTTERS,
  'roofline-growth-remove': GUTTERS,
  'roof-storm-look': GUTTERS,
  'ice-dam-watch': { midwinter: LAST_FREEZE },
  'tree-near-house-look': { leafFall: until('lateWinter', 45) },
  'roof-professional-inspection': { firstFreeze: FIRST_FREEZE },
  'metal-roof-coat': { lastFreeze: BEFORE_SHUTTING },
  'grade-backfill': { lastFreeze: FIRST_FREEZE },
  'air-brick-clear': { lateWinter: LATE_SUMMER, lateSummer: MIDWINTER },
  'window-drip-groove-and-cable-loop': { lateSummer: MIDWINTER },
  'shrub-wall-clearance': { lateWinter: within(60), lateSummer: MIDWINTER },

  'air-leak-survey': WITH_SEASON,
  'door-seal-inspect': BEFORE_WINTER,
  'garage-and-hatch-seal-check': BEFORE_WINTER,
  'caulk-inspect': { lateSummer: FIRST_FREEZE },
  'window-film-fit': { heatingStart: BEFORE_SUMMER },
  'window-film-remove': { heatingEnd: BEFORE_HEATING },
  'storm-panel-fit': { heatingStart: BEFORE_SUMMER },
  'screen-fit': { lastFreeze: BEFORE_SHUTTING, heatingEnd: BEFORE_HEATING },
  'window-inspect': BEFORE_WINTER,
  'window-clean': { lateSummer: FIRST_FREEZE },
  'chimney-inspect-and-sweep': WITH_SEASON,
  'gas-fireplace-check': WITH_SEASON,

  'grill-clean': { heatingEnd: until('lateSummer', 30) },
  'grill-burner-nest-clear': { heatingEnd: until('lateSummer', 30) },
  'dishwasher-yearly-care': { lateSummer: within(90) },
  'dryer-vent-clean': { lateWinter: within(180) },
  'lawn-autumn-programme': { leafFall: until('leafFall', 21) },
  'autumn-plant-and-shelter': { firstFreeze: until('firstFreeze', 21) },
  'underbelly-seal': { firstFreeze: END_OF_COLD },
  'skirting-repair': { lateWinter: LATE_SUMMER, lateSummer: MIDWINTER },
  'garage-door-lubricate': { lateSummer: MIDWINTER },
  'fire-extinguisher-look': ALARM,
  'escape-plan-drill': ALARM,
  'backflow-test': { lastFreeze: until('lateSummer') },
  'siding-paint-look': { lastFreeze: LATE_SUMMER },
  'deck-and-rail-look': { lastFreeze: LATE_SUMMER },
  'termite-look': { lateWinter: LATE_SUMMER },
  'pool-close': { firstFreeze: END_OF_COLD },
  'pool-open': { lastFreeze: BEFORE_SHUTTING },
  'emergency-supplies': { lateSummer: until('lateWinter') },
  donations: { days: { monthDay: '12-31' } },
};

/** A practice with the worth-until of the table on every listed date of its schools. */
export function withWorthUntil(practice: Practice): Practice {
  const table = WORTH_UNTIL[practice.code];
  if (practice.kind !== 'duty' || !table) return practice;
  return {
    ...practice,
    schools: practice.schools.map((school) => ({ ...school, rule: ruleWith(school.rule, table) })),
  };
}

function ruleWith(rule: Rule, table: Until): Rule {
  switch (rule.kind) {
    case 'season':
      return said(rule, table[rule.anchor]);
    case 'clockChange':
      return said(rule, table.clocks);
    case 'dates':
      return said(rule, table.days);
    case 'condition':
      return { ...rule, look: ruleWith(rule.look, table) };
    case 'first':
      return { ...rule, of: rule.of.map((part) => ruleWith(part, table)) };
    default:
      return rule;
  }
}

const said = <R extends Rule>(rule: R, worthUntil: WorthUntil | undefined): R =>
  worthUntil ? { ...rule, worthUntil } : rule;
