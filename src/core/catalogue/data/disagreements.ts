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
    topic: 'How often a thin filter is changed',
    schoolsOf: ['air-filter-panel-replace', 'air-filter-monthly-look'],
  },
  { topic: 'How often thick media is changed', schoolsOf: ['air-filter-media-replace'] },
  {
    topic: 'What gray means',
    notesOf: ['ventilator-filter-vacuum'],
    choice:
      'Any gray is time for the strict, plainly gray for others; in balanced ventilation dark is normal.',
  },
  {
    topic: 'Which grade of filter',
    notesOf: ['air-filter-panel-replace'],
    choice: 'A mid grade; finer with allergies, at a shorter interval and with the airflow watched.',
  },
  { topic: 'The months printed on a package', schoolsOf: ['air-filter-panel-replace'] },
  { topic: 'How a condensate drain is kept clear', alternatives: 'drain-keeping' },
  {
    topic: 'Vinegar or bleach',
    notesOf: ['drain-discipline'],
    choice: 'Either, never both; vinegar where the line feeds a treatment plant or metal.',
  },
  {
    topic: 'How often heating and cooling are serviced',
    schoolsOf: ['cooling-service-visit', 'heating-service-visit', 'furnace-annual-tune-up'],
  },
  {
    topic: 'Who tunes the furnace',
    notesOf: ['furnace-annual-tune-up'],
    choice:
      'Owner for filter, sensor, dust and watching a cycle; a trade for pipe, exchanger, combustion and doubt.',
  },
  {
    topic: 'How hard to scrub a flame sensor',
    notesOf: ['furnace-flame-sensor-clean'],
    choice: 'Fine abrasive; never the igniter.',
  },
  {
    topic: 'What an orange flame means',
    notesOf: ['furnace-start-sequence-watch'],
    choice: 'Both readings end in stop.',
  },
  { topic: 'Who looks at the heat exchanger', schoolsOf: ['heat-exchanger-inspect'] },
  {
    topic: 'How often alarms are tested',
    schoolsOf: ['smoke-alarm-test', 'co-alarm-test-and-battery', 'gas-detector-test-and-battery'],
  },
  { topic: 'When alarm batteries are changed', schoolsOf: ['smoke-alarm-battery-swap'] },
  {
    topic: 'One press or every unit',
    notesOf: ['smoke-alarm-test'],
    choice: 'Every unit at battery time; one press is a quick monthly check.',
  },
  {
    topic: 'Button or test spray',
    notesOf: ['smoke-alarm-test'],
    choice: 'Button as routine, spray yearly if wished, the provider for monitored systems.',
  },
  { topic: 'How long a smoke alarm lives', schoolsOf: ['smoke-alarm-age-replace'] },
  { topic: 'How long a carbon monoxide alarm lives', schoolsOf: ['co-alarm-age-replace'] },
  {
    topic: 'Combined or separate alarms',
    notesOf: ['co-alarm-age-replace'],
    choice: 'Separate where fuel is burned; combined where else there would be none.',
  },
  {
    topic: 'Where carbon monoxide alarms go',
    notesOf: ['co-alarm-coverage-survey'],
    choice: 'All that apply.',
  },
  {
    topic: 'Where smoke alarms go',
    notesOf: ['smoke-alarm-coverage-survey'],
    choice: 'Every bedroom and every level.',
  },
  { topic: 'Which indoor humidity', notesOf: ['humidity-read-and-adjust'], choice: 'By climate.' },
  {
    topic: 'Whose humidity reading',
    notesOf: ['humidity-read-and-adjust'],
    choice: 'Gauges of one’s own for humidifiers, the unit’s sensors for ventilators, never a panel alone.',
  },
  {
    topic: 'How warm in summer',
    notesOf: ['cooling-away-setpoint', 'thermostat-schedule-set'],
    choice: 'Warm in dry climates, never above the limit in humid ones.',
  },
  { topic: 'Humidifier pads', schoolsOf: ['humidifier-pad-replace'] },
  { topic: 'Ventilator filters', schoolsOf: ['ventilator-filter-vacuum'] },
  { topic: 'Ventilator cores', schoolsOf: ['ventilator-core-clean'] },
  {
    topic: 'Ventilator rate',
    notesOf: ['ventilator-flow-set'],
    choice: 'By the unit; never off for long in a tight house.',
  },
  {
    topic: 'Frost-proof outside taps',
    notesOf: ['hose-disconnect'],
    choice: 'Hose off for frost-proof ones, shut and drained for all others.',
  },
  { topic: 'When to act on outside taps', schoolsOf: ['hose-disconnect', 'outdoor-tap-shut-and-drain'] },
  { topic: 'Who winterizes the irrigation', schoolsOf: ['irrigation-winterise'] },
  { topic: 'When gutters are cleaned', schoolsOf: ['gutter-clean'] },
  {
    topic: 'How one gets at the gutters',
    notesOf: ['gutter-clean'],
    choice: 'Window and hose first, then ladder with a helper, or hire.',
  },
  { topic: 'Gutter guards', notesOf: ['gutter-clean'], choice: 'They lessen the work and do not end it.' },
  {
    topic: 'How a roof is looked at',
    notesOf: ['roof-storm-look'],
    choice: 'From the ground or a drone first; climb last.',
  },
  {
    topic: 'How much of a metal roof is coated',
    notesOf: ['metal-roof-coat'],
    choice: 'Details where time or money is short, else the whole.',
  },
  { topic: 'Ice at the eaves', schoolsOf: ['ice-dam-watch'] },
  { topic: 'Foundation hairlines', schoolsOf: ['foundation-crack-watch'] },
  {
    topic: 'De-icer on new concrete',
    notesOf: ['concrete-deicer-hold'],
    choice: 'None for two years; sand whenever unsure.',
  },
  {
    topic: 'Which sealant',
    notesOf: ['caulk-inspect'],
    choice: 'By the joint: narrow ones latex or silicone, wide ones foam; paint is looked behind.',
  },
  {
    topic: 'Which draught strip',
    notesOf: ['door-seal-inspect'],
    choice: 'By the door, after the same three tests.',
  },
  { topic: 'How a door’s seal is tested', notesOf: ['door-seal-inspect'], choice: 'All three ways.' },
  { topic: 'Which extra layer for windows', alternatives: 'window-layer' },
  { topic: 'How leaks are found', notesOf: ['air-leak-survey'], choice: 'One’s own senses first.' },
  {
    topic: 'How far to seal',
    notesOf: ['wall-penetration-seal'],
    choice: 'Gaps yes, purpose-made openings never.',
  },
  {
    topic: 'Water-heater jackets',
    notesOf: ['water-heater-blanket'],
    choice: 'Old or outdoors first, then the maker’s word.',
  },
  { topic: 'Which lamps', notesOf: ['lamp-changeover'], choice: 'LED today.' },
  { topic: 'How often a chimney is swept', schoolsOf: ['chimney-inspect-and-sweep'] },
  { topic: 'When a plant is pumped out', schoolsOf: ['aerobic-pump-out'] },
  { topic: 'Who inspects the plant', notesOf: ['aerobic-service-contract'], choice: 'Both.' },
  {
    topic: 'Laundry',
    notesOf: ['full-load-running'],
    choice: 'Full loads on a sewer; full and spread with on-site sewage.',
  },
  { topic: 'When shrubs are trimmed', schoolsOf: ['shrub-wall-clearance'] },
  { topic: 'How to remember', schoolsOf: ['air-filter-restock', 'battery-restock'] },
];
