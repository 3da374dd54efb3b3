/** Something practitioners disagree about, and where the catalogue keeps it. */
export type Disagreement = {
  readonly topic: string;
} & (
  | { readonly schoolsOf: readonly string[] }
  | { readonly alternatives: string }
  | { readonly notesOf: readonly string[]; readonly choice: string }
);

/** Each is kept as schools, as a group of alternatives, or as one explained choice in the notes of the work it concerns. */
export const DISAGREEMENTS: readonly Disagreement[] = [
  {
    topic: 'How often to change a thin filter',
    schoolsOf: ['air-filter-panel-replace', 'air-filter-monthly-look'],
  },
  { topic: 'How often to change a thick filter', schoolsOf: ['air-filter-media-replace'] },
  {
    topic: 'When a gray filter needs changing',
    notesOf: ['ventilator-filter-vacuum'],
    choice:
      'At the first gray if you are strict, else when it is clearly gray. In a balanced ventilator a dark filter is normal.',
  },
  {
    topic: 'Which filter to buy',
    notesOf: ['air-filter-panel-replace'],
    choice: 'A middle grade. With allergies a finer one, changed more often, with an eye on the airflow.',
  },
  { topic: 'The months printed on the package', schoolsOf: ['air-filter-panel-replace'] },
  { topic: 'How to keep a condensate drain clear', alternatives: 'drain-keeping' },
  {
    topic: 'Vinegar or bleach',
    notesOf: ['drain-discipline'],
    choice: 'Either, never both. Use vinegar where the line is metal or runs to a treatment plant.',
  },
  {
    topic: 'How often to service heating and cooling',
    schoolsOf: ['cooling-service-visit', 'heating-service-visit', 'furnace-annual-tune-up'],
  },
  {
    topic: 'Who services the furnace',
    notesOf: ['furnace-annual-tune-up'],
    choice:
      'You: the filter, the sensor, the dust, and watching it start. A technician: pipes, heat exchanger, combustion, and whenever you are unsure.',
  },
  {
    topic: 'How hard to scrub a flame sensor',
    notesOf: ['furnace-flame-sensor-clean'],
    choice: 'Use a fine abrasive, and never touch the igniter.',
  },
  {
    topic: 'How to take an orange flame',
    notesOf: ['furnace-start-sequence-watch'],
    choice: 'Either way: turn it off and call.',
  },
  { topic: 'Who checks the heat exchanger', schoolsOf: ['heat-exchanger-inspect'] },
  {
    topic: 'How often to test alarms',
    schoolsOf: ['smoke-alarm-test', 'co-alarm-test-and-battery', 'gas-detector-test-and-battery'],
  },
  { topic: 'When to change alarm batteries', schoolsOf: ['smoke-alarm-battery-swap'] },
  {
    topic: 'One test button or every alarm',
    notesOf: ['smoke-alarm-test'],
    choice: 'Test every alarm when you change batteries. Pressing one is a quick monthly check.',
  },
  {
    topic: 'Test button or test spray',
    notesOf: ['smoke-alarm-test'],
    choice: 'The button every time, spray once a year if you like. Ask the provider of a monitored system.',
  },
  { topic: 'How long a smoke alarm lasts', schoolsOf: ['smoke-alarm-age-replace'] },
  { topic: 'How long a carbon monoxide alarm lasts', schoolsOf: ['co-alarm-age-replace'] },
  {
    topic: 'Combined or separate alarms',
    notesOf: ['co-alarm-age-replace'],
    choice: 'Separate alarms where fuel is burned. A combined one where there would be none otherwise.',
  },
  {
    topic: 'Where carbon monoxide alarms go',
    notesOf: ['co-alarm-coverage-survey'],
    choice: 'In every place that applies.',
  },
  {
    topic: 'Where smoke alarms go',
    notesOf: ['smoke-alarm-coverage-survey'],
    choice: 'Every bedroom and every level.',
  },
  {
    topic: 'How humid a home should be',
    notesOf: ['humidity-read-and-adjust'],
    choice: 'It depends on the climate.',
  },
  {
    topic: 'Which humidity gauge to trust',
    notesOf: ['humidity-read-and-adjust'],
    choice: 'Your own gauge for humidifiers, the unit’s sensors for ventilators, and never a panel alone.',
  },
  {
    topic: 'How warm to keep it in summer',
    notesOf: ['cooling-away-setpoint', 'thermostat-schedule-set'],
    choice: 'Warmer in dry climates. In humid ones never above the limit.',
  },
  { topic: 'When to replace a humidifier pad', schoolsOf: ['humidifier-pad-replace'] },
  { topic: 'When to clean ventilator filters', schoolsOf: ['ventilator-filter-vacuum'] },
  { topic: 'When to clean ventilator cores', schoolsOf: ['ventilator-core-clean'] },
  {
    topic: 'How high to run a ventilator',
    notesOf: ['ventilator-flow-set'],
    choice: 'As the unit’s maker says. In a tight house never off for long.',
  },
  {
    topic: 'Frost-proof outdoor {faucet}s',
    notesOf: ['hose-disconnect'],
    choice: 'Take the hose off a frost-proof one. Shut and drain all others.',
  },
  { topic: 'When to shut outdoor {faucet}s', schoolsOf: ['hose-disconnect', 'outdoor-tap-shut-and-drain'] },
  { topic: 'Who winterizes the irrigation', schoolsOf: ['irrigation-winterise'] },
  { topic: 'When to clean gutters', schoolsOf: ['gutter-clean'] },
  {
    topic: 'How to reach the gutters',
    notesOf: ['gutter-clean'],
    choice: 'From a window or with a hose first. Then a ladder with a helper, or hire someone.',
  },
  { topic: 'Gutter guards', notesOf: ['gutter-clean'], choice: 'They make less work, not no work.' },
  {
    topic: 'How to check a roof',
    notesOf: ['roof-storm-look'],
    choice: 'From the ground or with a drone first. Climbing is the last choice.',
  },
  {
    topic: 'How much of a metal roof to coat',
    notesOf: ['metal-roof-coat'],
    choice: 'Only seams and details if time or money is short, else all of it.',
  },
  { topic: 'Ice at the roof edge', schoolsOf: ['ice-dam-watch'] },
  { topic: 'Hairline cracks in a foundation', schoolsOf: ['foundation-crack-watch'] },
  {
    topic: 'De-icer on new concrete',
    notesOf: ['concrete-deicer-hold'],
    choice: 'None for two years. Use sand if you are unsure.',
  },
  {
    topic: 'Which sealant to use',
    notesOf: ['caulk-inspect'],
    choice: 'By the joint: latex or silicone in narrow ones, foam in wide ones. Look behind paint.',
  },
  {
    topic: 'Which weatherstrip to use',
    notesOf: ['door-seal-inspect'],
    choice: 'It depends on the door. The same three tests show it.',
  },
  { topic: 'How to test a door’s seal', notesOf: ['door-seal-inspect'], choice: 'Use all three ways.' },
  { topic: 'Which extra layer for windows', alternatives: 'window-layer' },
  { topic: 'How to find air leaks', notesOf: ['air-leak-survey'], choice: 'Feel, look and listen first.' },
  {
    topic: 'How far to seal a house',
    notesOf: ['wall-penetration-seal'],
    choice: 'Seal gaps, but never openings that were made on purpose.',
  },
  {
    topic: 'Insulation jackets for water heaters',
    notesOf: ['water-heater-blanket'],
    choice: 'Useful for old heaters and cold places, if the maker allows it.',
  },
  { topic: 'Which light bulbs', notesOf: ['lamp-changeover'], choice: 'LED.' },
  { topic: 'How often to sweep a chimney', schoolsOf: ['chimney-inspect-and-sweep'] },
  { topic: 'When to pump a septic tank or treatment plant', schoolsOf: ['aerobic-pump-out'] },
  {
    topic: 'Who inspects the treatment plant',
    notesOf: ['aerobic-service-contract'],
    choice: 'Both of them.',
  },
  {
    topic: 'How to spread laundry',
    notesOf: ['full-load-running'],
    choice: 'Full loads on a public sewer. With a septic system, full loads spread over the week.',
  },
  { topic: 'When to trim shrubs', schoolsOf: ['shrub-wall-clearance'] },
  { topic: 'How to remember', schoolsOf: ['air-filter-restock', 'battery-restock'] },
];
