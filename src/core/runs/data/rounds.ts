import { rowsOf, type Round } from '../round.ts';

/** Rounds of the calendar. */
export const monthly: Round = {
  code: 'monthly',
  title: 'Monthly checklist',
  lead: 'When the energy bill comes, or on the first of the month.',
  event: null,
  rows: rowsOf(
    [
      'Filters',
      ['air-filter-monthly-look', 'air-filter-panel-replace'],
      'monthly',
      [],
      'Everything else breathes through it.',
    ],
    [
      'Condensate',
      ['condensate-line-treat', 'condensate-pan-tablets'],
      'with every filter',
      [],
      'One visit to the machine.',
    ],
    [
      'Alarms',
      ['smoke-alarm-test', 'co-alarm-test-and-battery', 'gas-detector-test-and-battery'],
      'monthly',
      [],
      'Each by itself, even when all sound together.',
    ],
    [
      'Condensate outlet',
      ['condensate-outlet-drip-look'],
      'cooling season',
      [],
      'Dry in humid air means a clog.',
    ],
    ['Leaks indoors', ['interior-leak-watch'], 'monthly', [], 'Small leaks rot quietly.'],
    ['Humidity', ['humidity-read-and-adjust'], 'heating season', [], 'Windows tell first.'],
    ['Drains outside', ['gully-clear', 'stairwell-drain-clear'], 'leaf months', [], 'Leaves block in a day.'],
    ['Washing machine', ['washing-machine-filter'], 'if due', [], 'Before it floods.'],
    ['Softener', ['softener-salt-top-up'], 'monthly', [], 'Empty means hard water.'],
    [
      'Treatment plant',
      ['aerobic-quick-look', 'aerobic-chlorine-tablets'],
      'monthly',
      [],
      'A dead blower kills it in days.',
    ],
    [
      'Stock',
      ['air-filter-restock', 'battery-restock'],
      'monthly',
      [],
      'An empty shelf stops the next checklist.',
    ],
  ),
};

export const quarterly: Round = {
  code: 'quarterly',
  title: 'Quarterly checklist',
  lead: 'What goes by the quarter or the half year.',
  event: null,
  rows: rowsOf(
    [
      'Ventilator',
      ['ventilator-filter-vacuum', 'ventilator-fault-look'],
      'quarterly or half-yearly',
      [],
      'Dark is normal, clogged is not.',
    ],
    [
      'Filters',
      ['air-filter-media-replace', 'air-filter-panel-replace', 'air-filter-monthly-look'],
      'quarterly',
      [],
      'Three-month filters, and a look at the thick one.',
    ],
    ['Stair drain', ['stairwell-drain-clear'], 'quarterly', [], 'One storm fills a stairwell.'],
    ['Foundation photograph', ['foundation-crack-watch'], 'quarterly', [], 'Memory does not measure.'],
    ['Alarm cells', ['smoke-alarm-battery-swap'], 'half-yearly', [], 'Where the clocks do not remind.'],
    [
      'Doors and vents',
      ['door-seal-inspect', 'air-brick-clear'],
      'half-yearly',
      [],
      'Seals wear, vents fill.',
    ],
  ),
};

export const yearly: Round = {
  code: 'yearly',
  title: 'Yearly, any season',
  lead: 'What is due once a year and minds no season.',
  event: null,
  rows: rowsOf(
    ['Protective {outlets}', ['gfci-test'], 'any season', [], 'They fail silently.'],
    ['Appliances', ['dishwasher-yearly-care', 'refrigerator-coil-clean'], 'any season', [], 'Indoor work.'],
    ['Tankless heater', ['tankless-heater-flush'], 'any season', [], 'Scale narrows it.'],
    [
      'Ventilator',
      ['ventilator-core-clean', 'ventilator-two-year-service'],
      'any season',
      [],
      'Its core is its worth.',
    ],
    [
      'Heat plant',
      ['furnace-annual-tune-up', 'oil-boiler-annual-service'],
      'before heating',
      [],
      'Once before it runs.',
    ],
    ['Humidifier', ['humidifier-pad-replace'], 'before heating', [], 'A caked pad wets nothing.'],
    [
      'Ages of alarms',
      ['smoke-alarm-age-replace', 'co-alarm-age-replace'],
      'any season',
      [],
      'They have a life.',
    ],
    [
      'Sewage',
      ['aerobic-layer-measure', 'aerobic-lid-baffle-elbow-check', 'aerobic-pump-out'],
      'dry ground',
      [],
      'Measured, it is not guessed.',
    ],
    ['{Main shutoff}', ['main-shutoff-locate'], 'any season', [], 'Worked once a year, it still turns.'],
  ),
};

/** Rounds after something happened. */
export const afterStorm: Round = {
  code: 'after-storm',
  title: 'After a storm or heavy rain',
  lead: 'Safe first, then from the roof down.',
  event: 'windstorm',
  rows: rowsOf(
    [
      'Make safe',
      ['gas-smell-response'],
      'at once',
      [],
      'A smell of gas, downed lines, water near electrics: stop and call.',
    ],
    [
      'Roof',
      ['roof-storm-look'],
      'first light',
      [1],
      'From the ground, a window or a drone; with photographs.',
    ],
    ['Ceilings and {attic}', ['ceiling-stain-watch'], 'the same day', [2], 'Stain, sag, soft paint.'],
    [
      'Gutters',
      ['gutter-clean', 'downspout-and-flow-test'],
      'the same day',
      [1],
      'Watch them in the next rain.',
    ],
    ['{Pop-up outlet}s', ['yard-outlet-check'], 'the same day', [4], 'They must flow.'],
    [
      'Stair drain, gullies',
      ['stairwell-drain-clear', 'gully-clear'],
      'the same day',
      [1],
      'The next rain is near.',
    ],
    [
      'Pumps not tripped',
      ['gfci-test', 'breaker-trip-reset'],
      'the same day',
      [1],
      'A tripped outlet stops a pump silently.',
    ],
    ['Foundation', ['foundation-crack-watch', 'grade-backfill'], 'within days', [4], 'Any leak is reported.'],
    [
      'Skirting and belly',
      ['skirting-repair', 'underbelly-seal'],
      'within days',
      [1],
      'Wind lifts what is loose.',
    ],
    [
      'Septic',
      ['septic-saturation-response', 'wastewater-load-spread'],
      'while the ground is soaked',
      [1],
      'Slow drains are the first sign.',
    ],
    ['Restock', ['emergency-supplies'], 'last', [2, 3], 'What was used is missing next time.'],
  ),
};

export const overflow: Round = {
  code: 'overflow',
  title: 'Water from the drain pan',
  lead: 'The plant off, the water away, the line cleared.',
  event: 'overflow',
  rows: rowsOf(
    [
      'System off, pan emptied',
      ['condensate-pan-overflow-clear'],
      'at once',
      [],
      'It goes on dripping until it is off.',
    ],
    ['Ceiling below', ['ceiling-stain-watch'], 'at once', [1], 'Stay out from under a bulge.'],
    ['Vacuum the line', ['condensate-line-vacuum'], 'now', [1], 'The gentlest way first.'],
    [
      'Brush the line',
      ['condensate-line-brush'],
      'if it still stands',
      [3],
      'Where the vacuum did not help.',
    ],
    ['Blast the line', ['condensate-line-gas-blast'], 'last', [4], 'Two cartridges at most.'],
    ['See it drip', ['condensate-outlet-drip-look'], 'after it runs', [3], 'Only a drip proves it.'],
    [
      'Float and second drain',
      ['condensate-backup-protection-check'],
      'before the next time',
      [3],
      'It should have stopped the plant.',
    ],
  ),
};

/** Rounds of coming and going. */
export const goingAway: Round = {
  code: 'going-away',
  title: 'Going away',
  lead: 'Water, heat and humidity while nobody is there.',
  event: 'absence',
  rows: rowsOf(
    [
      'Cooling left at a setting',
      ['cooling-away-setpoint'],
      'humid cooling weather',
      [],
      'Warm air is damp air: mold grows.',
    ],
    [
      'Water off at the main',
      ['main-shutoff-locate'],
      'leaving',
      [],
      'A burst hose runs until someone comes.',
    ],
    [
      'Alarms',
      ['smoke-alarm-test', 'co-alarm-test-and-battery'],
      'leaving',
      [],
      'Someone may come to a chirp.',
    ],
    [
      'Gutters and drains',
      ['gully-clear', 'stairwell-drain-clear'],
      'leaving',
      [],
      'A storm comes when one is away.',
    ],
  ),
};

export const comingBack: Round = {
  code: 'coming-back',
  title: 'Coming back',
  lead: 'Look and smell before anything is turned on.',
  event: null,
  rows: rowsOf(
    ['A smell of gas?', ['gas-smell-response'], 'at the door', [], 'Before any switch is touched.'],
    [
      'Water on, slowly',
      ['main-shutoff-locate', 'interior-leak-watch'],
      'first',
      [1],
      'Leaks show under pressure.',
    ],
    ['Ceilings', ['ceiling-stain-watch'], 'first', [1], 'What dripped meanwhile.'],
    ['Traps', ['sink-trap-clean'], 'first day', [2], 'A dry trap smells.'],
    [
      'Filter and drain',
      ['air-filter-monthly-look', 'condensate-outlet-drip-look'],
      'first day',
      [],
      'It ran alone.',
    ],
    [
      'Alarms',
      ['smoke-alarm-test', 'co-alarm-test-and-battery'],
      'first evening',
      [],
      'Before anyone sleeps.',
    ],
  ),
};

export const movingIn: Round = {
  code: 'moving-in',
  title: 'Moving in',
  lead: 'What must be known of a house before anything goes wrong in it.',
  event: 'move-in',
  rows: rowsOf(
    [
      'Shutoffs',
      ['main-shutoff-locate', 'fixture-shutoff-locate', 'gas-shutoff-locate', 'panel-locate-and-label'],
      'first day',
      [],
      'In the dark it is too late to look.',
    ],
    [
      'Alarms',
      [
        'smoke-alarm-coverage-survey',
        'co-alarm-coverage-survey',
        'smoke-alarm-age-replace',
        'co-alarm-age-replace',
      ],
      'first day',
      [],
      'Before anyone sleeps there.',
    ],
    [
      'Filters',
      ['air-filter-arrow-mark', 'air-filter-monthly-look'],
      'first week',
      [],
      'Sizes and arrows noted once.',
    ],
    [
      'Cooling',
      ['ac-temperature-split-test', 'ac-new-install-acceptance', 'condensate-backup-protection-check'],
      'first warm day',
      [3],
      'The fault is usually there from the first day.',
    ],
    [
      'Flues',
      ['water-heater-flue-centre', 'gas-vent-and-trap-check'],
      'first week',
      [2],
      'What kills is looked at early.',
    ],
    ['Concrete', ['concrete-deicer-hold'], 'first month', [], 'The date it was poured.'],
    [
      'Report defects',
      ['builder-defect-report'],
      'before the cover ends',
      [4, 5],
      'In writing, with photographs.',
    ],
  ),
};

export const firstYear: Round = {
  code: 'first-year',
  title: 'A new home’s first year',
  lead: 'What the first year of a house shows, while it is under builder’s warranty.',
  event: null,
  rows: rowsOf(
    [
      'Find everything',
      ['main-shutoff-locate', 'panel-locate-and-label', 'gas-shutoff-locate'],
      'first week',
      [],
      'Known before it is needed.',
    ],
    [
      'Filters in building dust',
      ['air-filter-monthly-look', 'air-filter-panel-replace', 'ventilator-filter-vacuum'],
      'first months',
      [],
      'New houses are full of dust.',
    ],
    [
      'Cooling, its first season',
      ['ac-temperature-split-test', 'condensate-outlet-drip-look'],
      'first warm days',
      [2],
      'Clean filter first.',
    ],
    [
      'Heating, its first season',
      ['gas-vent-and-trap-check', 'furnace-start-sequence-watch'],
      'first cold days',
      [2],
      'Watched once from the first call to steady.',
    ],
    [
      'Settling',
      ['foundation-crack-watch', 'grade-backfill', 'door-seal-inspect', 'worktop-edge-seal'],
      'after a dry and a wet spell',
      [],
      'Soil and timber move most now.',
    ],
    ['Young concrete', ['concrete-deicer-hold'], 'first winter', [], 'No salt for two years.'],
    [
      'Report defects',
      ['builder-defect-report'],
      'before the cover ends',
      [3, 4, 5],
      'In writing, with readings.',
    ],
  ),
};
