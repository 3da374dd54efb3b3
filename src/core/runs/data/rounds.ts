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
      'All the air goes through it.',
    ],
    [
      'Condensate',
      ['condensate-line-treat', 'condensate-pan-tablets'],
      'with every filter',
      [],
      'It is all at the furnace.',
    ],
    [
      'Alarms',
      ['smoke-alarm-test', 'co-alarm-test-and-battery', 'gas-detector-test-and-battery'],
      'monthly',
      [],
      'Test each one, even if all sound together.',
    ],
    [
      'Condensate outlet',
      ['condensate-outlet-drip-look'],
      'cooling season',
      [],
      'If it is dry in humid weather, it is clogged.',
    ],
    ['Leaks indoors', ['interior-leak-watch'], 'monthly', [], 'Small leaks cause rot, and nobody notices.'],
    ['Humidity', ['humidity-read-and-adjust'], 'heating season', [], 'You see it first at the windows.'],
    [
      'Drains outside',
      ['gully-clear', 'stairwell-drain-clear'],
      'leaf months',
      [],
      'Leaves can block them in a day.',
    ],
    ['Washing machine', ['washing-machine-filter'], 'if due', [], 'Do it before it floods.'],
    ['Softener', ['softener-salt-top-up'], 'monthly', [], 'When it is empty, the water is hard.'],
    [
      'Treatment plant',
      ['aerobic-quick-look', 'aerobic-chlorine-tablets'],
      'monthly',
      [],
      'Without its blower it fails in days.',
    ],
    [
      'Stock',
      ['air-filter-restock', 'battery-restock'],
      'monthly',
      [],
      'Without supplies you cannot do the next checklist.',
    ],
  ),
};

export const quarterly: Round = {
  code: 'quarterly',
  title: 'Quarterly checklist',
  lead: 'What is due every three or six months.',
  event: null,
  rows: rowsOf(
    [
      'Ventilator',
      ['ventilator-filter-vacuum', 'ventilator-fault-look'],
      'every three or six months',
      [],
      'Dark filters are normal, clogged ones are not.',
    ],
    [
      'Filters',
      ['air-filter-media-replace', 'air-filter-panel-replace', 'air-filter-monthly-look'],
      'quarterly',
      [],
      'Change three-month filters, and check the thick one.',
    ],
    ['Stair drain', ['stairwell-drain-clear'], 'quarterly', [], 'One storm can fill the stairs with water.'],
    ['Photo of the foundation', ['foundation-crack-watch'], 'quarterly', [], 'Memory does not measure.'],
    [
      'Alarm batteries',
      ['smoke-alarm-battery-swap'],
      'half-yearly',
      [],
      'If you do not change them with the clocks.',
    ],
    [
      'Doors and vents',
      ['door-seal-inspect', 'air-brick-clear'],
      'half-yearly',
      [],
      'Seals wear, and vents fill with dirt.',
    ],
  ),
};

export const yearly: Round = {
  code: 'yearly',
  title: 'Yearly, any season',
  lead: 'What is due once a year, in any season.',
  event: null,
  rows: rowsOf(
    ['Protective {outlets}', ['gfci-test'], 'any season', [], 'They fail without a sound.'],
    [
      'Appliances',
      ['dishwasher-yearly-care', 'refrigerator-coil-clean'],
      'any season',
      [],
      'It is indoor work.',
    ],
    ['Tankless heater', ['tankless-heater-flush'], 'any season', [], 'Scale makes it narrow.'],
    [
      'Ventilator',
      ['ventilator-core-clean', 'ventilator-two-year-service'],
      'any season',
      [],
      'The core is its most important part.',
    ],
    [
      'Heating',
      ['furnace-annual-tune-up', 'oil-boiler-annual-service'],
      'before heating',
      [],
      'Do it once before it runs.',
    ],
    ['Humidifier', ['humidifier-pad-replace'], 'before heating', [], 'A pad full of scale stays dry.'],
    [
      'Ages of alarms',
      ['smoke-alarm-age-replace', 'co-alarm-age-replace'],
      'any season',
      [],
      'Alarms wear out.',
    ],
    [
      'Sewage',
      ['aerobic-layer-measure', 'aerobic-lid-baffle-elbow-check', 'aerobic-pump-out'],
      'dry ground',
      [],
      'Measure it, so that nobody has to guess.',
    ],
    [
      '{Main shutoff}',
      ['main-shutoff-locate'],
      'any season',
      [],
      'Turn it once a year, so that it does not get stuck.',
    ],
  ),
};

/** Rounds after something happened. */
export const afterStorm: Round = {
  code: 'after-storm',
  title: 'After a storm or heavy rain',
  lead: 'First make it safe. Then check from the roof down.',
  event: 'windstorm',
  rows: rowsOf(
    [
      'Make safe',
      ['gas-smell-response'],
      'at once',
      [],
      'You smell gas, a power line is down, or water is near electrics: stop and call.',
    ],
    [
      'Roof',
      ['roof-storm-look'],
      'first light',
      [1],
      'Look from the ground, a window or with a drone. Take photos.',
    ],
    [
      'Ceilings and {attic}',
      ['ceiling-stain-watch'],
      'the same day',
      [2],
      'Look for stains, sagging and soft paint.',
    ],
    [
      'Gutters',
      ['gutter-clean', 'downspout-and-flow-test'],
      'the same day',
      [1],
      'Watch them in the next rain.',
    ],
    ['{Pop-up outlet}s', ['yard-outlet-check'], 'the same day', [4], 'Water must come out.'],
    [
      'Stair drain, gullies',
      ['stairwell-drain-clear', 'gully-clear'],
      'the same day',
      [1],
      'The next rain may come soon.',
    ],
    [
      'Pumps have power',
      ['gfci-test', 'breaker-trip-reset'],
      'the same day',
      [1],
      'When its outlet has tripped, a pump stops and nobody notices.',
    ],
    ['Foundation', ['foundation-crack-watch', 'grade-backfill'], 'within days', [4], 'Report any leak.'],
    [
      'Skirting and belly',
      ['skirting-repair', 'underbelly-seal'],
      'within days',
      [1],
      'The wind lifts loose parts.',
    ],
    [
      'Septic',
      ['septic-saturation-response', 'wastewater-load-spread'],
      'while the ground is soaked',
      [1],
      'Slow drains are the first sign.',
    ],
    ['Restock', ['emergency-supplies'], 'last', [2, 3], 'What you used is missing next time.'],
  ),
};

export const overflow: Round = {
  code: 'overflow',
  title: 'Water from the drain pan',
  lead: 'Turn the cooling off, get the water out, clear the line.',
  event: 'overflow',
  rows: rowsOf(
    [
      'Cooling off, pan emptied',
      ['condensate-pan-overflow-clear'],
      'at once',
      [],
      'It drips until it is off.',
    ],
    ['Ceiling below', ['ceiling-stain-watch'], 'at once', [1], 'Never stand under a bulge.'],
    ['Vacuum the line', ['condensate-line-vacuum'], 'now', [1], 'Try the gentlest way first.'],
    ['Brush the line', ['condensate-line-brush'], 'if it still stands', [3], 'If the vacuum did not help.'],
    ['Blast the line', ['condensate-line-gas-blast'], 'last', [4], 'Use two cartridges at most.'],
    [
      'Check that it drips',
      ['condensate-outlet-drip-look'],
      'after it runs',
      [3],
      'Only drips show that water flows.',
    ],
    [
      'Float and second drain',
      ['condensate-backup-protection-check'],
      'before the next time',
      [3],
      'The float should have stopped the cooling.',
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
      'In warm damp air mold grows.',
    ],
    [
      'Water off at the main',
      ['main-shutoff-locate'],
      'leaving',
      [],
      'A burst hose runs until someone comes.',
    ],
    ['Alarms', ['smoke-alarm-test', 'co-alarm-test-and-battery'], 'leaving', [], 'Someone may hear a chirp.'],
    [
      'Gutters and drains',
      ['gully-clear', 'stairwell-drain-clear'],
      'leaving',
      [],
      'A storm may come while you are away.',
    ],
  ),
};

export const comingBack: Round = {
  code: 'coming-back',
  title: 'Coming back',
  lead: 'Look and smell before anything is turned on.',
  event: null,
  rows: rowsOf(
    ['Do you smell gas?', ['gas-smell-response'], 'at the door', [], 'Smell before you touch a switch.'],
    [
      'Water on, slowly',
      ['main-shutoff-locate', 'interior-leak-watch'],
      'first',
      [1],
      'You see leaks when the water is on.',
    ],
    ['Ceilings', ['ceiling-stain-watch'], 'first', [1], 'Something may have dripped.'],
    ['Traps', ['sink-trap-clean'], 'first day', [2], 'A dry trap smells.'],
    [
      'Filter and drain',
      ['air-filter-monthly-look', 'condensate-outlet-drip-look'],
      'first day',
      [],
      'It ran while nobody was there.',
    ],
    [
      'Alarms',
      ['smoke-alarm-test', 'co-alarm-test-and-battery'],
      'first evening',
      [],
      'Do it before anyone sleeps.',
    ],
  ),
};

export const movingIn: Round = {
  code: 'moving-in',
  title: 'Moving in',
  lead: 'What you must know about a house before anything goes wrong.',
  event: 'move-in',
  rows: rowsOf(
    [
      'Shutoffs',
      ['main-shutoff-locate', 'fixture-shutoff-locate', 'gas-shutoff-locate', 'panel-locate-and-label'],
      'first day',
      [],
      'In the dark it is too late to look for them.',
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
      'Do it before anyone sleeps there.',
    ],
    [
      'Filters',
      ['air-filter-arrow-mark', 'air-filter-monthly-look'],
      'first week',
      [],
      'Note their sizes and arrows once.',
    ],
    [
      'Cooling',
      ['ac-temperature-split-test', 'ac-new-install-acceptance', 'condensate-backup-protection-check'],
      'first warm day',
      [3],
      'A fault is usually there from the first day.',
    ],
    [
      'Flues',
      ['water-heater-flue-centre', 'gas-vent-and-trap-check'],
      'first week',
      [2],
      'They can kill: check them early.',
    ],
    ['Concrete', ['concrete-deicer-hold'], 'first month', [], 'Find out when it was poured.'],
    [
      'Report defects',
      ['builder-defect-report'],
      'before the warranty ends',
      [4, 5],
      'Do it in writing, with photos.',
    ],
  ),
};

export const firstYear: Round = {
  code: 'first-year',
  title: 'A new home’s first year',
  lead: 'Find faults in the first year, while the house is under builder’s warranty.',
  event: null,
  rows: rowsOf(
    [
      'Find everything',
      ['main-shutoff-locate', 'panel-locate-and-label', 'gas-shutoff-locate'],
      'first week',
      [],
      'Know it before you need it.',
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
      'Put in a clean filter first.',
    ],
    [
      'Heating, its first season',
      ['gas-vent-and-trap-check', 'furnace-start-sequence-watch'],
      'first cold days',
      [2],
      'Watch it once, from the start until it runs steadily.',
    ],
    [
      'Settling',
      ['foundation-crack-watch', 'grade-backfill', 'door-seal-inspect', 'worktop-edge-seal'],
      'after a dry and a wet spell',
      [],
      'Soil and wood move most now.',
    ],
    ['Young concrete', ['concrete-deicer-hold'], 'first winter', [], 'Use no salt for two years.'],
    [
      'Report defects',
      ['builder-defect-report'],
      'before the warranty ends',
      [3, 4, 5],
      'Do it in writing, with measurements.',
    ],
  ),
};
