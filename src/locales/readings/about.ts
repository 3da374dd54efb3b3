/** The purpose of a reading, its method and its source; in the catalogue's words: `{term}` and `{a|b}`. */
export interface About {
  readonly about: string;
  readonly formula: string;
  readonly source: string;
  /** Words of this reading alone, by code; those that several share stand in the lists. */
  readonly words?: Partial<
    Record<
      'fields' | 'schools' | 'figures' | 'missing' | 'because' | 'doNow',
      Readonly<Record<string, string>>
    >
  >;
}

/** Said under every band. */
export const BAND_NOTE =
  'A range is what one approach uses, not a rule. The maker’s instructions and the local code come first.';

const TRADE_RULE = 'A rule of the trade; a usual starting value.';

export const ABOUT: Readonly<Record<string, About>> = {
  'temperature-split': {
    about: 'What the cooling takes off the air that passes it.',
    formula:
      'Split = return − supply. Share of the work = split ÷ middle of the band. Second approach: split = cooling share × 12 000 ÷ (1.08 × density × ft³/min a ton), density = (1 − 6.8754e-6 × feet)^5.2559.',
    source:
      'First approach: the trade’s thumb rule. Second: the heat balance of moist air, 400 ft³/min a ton unless known.',
  },
  'sensible-capacity': {
    about: 'From the airflow and the split.',
    formula: 'Btu/h = 1.08 × density × ft³/min × split °F.',
    source: 'Heat carried by air of the standard atmosphere.',
  },
  'filter-grade': {
    about: 'Held to the light beside a new one.',
    formula: 'New 0, light gray 0.5, gray or darker 1.',
    source: 'Two approaches: the tolerant one waits for gray, the strict one changes at the first sign.',
  },
  'face-velocity': {
    about: 'Whether a filter is too fine or too small for the airflow.',
    formula: 'ft/min = ft³/min ÷ (width × height in ft²).',
    source: `${TRADE_RULE} The arrow points to the blower.`,
  },
  'furnace-start': {
    about:
      'Watched through the window, stage by stage; doors, limits and rollout switches are never defeated.',
    formula:
      'Call → inducer → pressure switch → igniter glow → gas valve → flame → flame sensed → blower → steady.',
    source: 'The usual order of an electronic ignition; the label inside the door comes first.',
  },
  'flame-to-blower': {
    about: 'About half a minute is usual.',
    formula: 'Seconds between the flame and the first warm air.',
    source: TRADE_RULE,
  },
  'gas-flame': {
    about: 'Furnace, boiler or water heater. Not decorative logs, not oil.',
    formula: 'By eye: steady blue inside the tubes.',
    source: 'The usual caution of the trade. Blue never proves an exchanger sound.',
  },
  'oil-soot': {
    about: 'As the trade measured it.',
    formula: 'Each 1/16 in (1.6 mm) costs about 10 % more fuel; not carried beyond 1/8 in.',
    source: 'A rough rule, shown as such.',
  },
  'winter-humidity': {
    about: 'What the windows bear in the cold to come, and what to aim at.',
    formula:
      'Pane = Ti − U × 0.13 × (Ti − To). H = the lower of 60 and 100 × es(pane) ÷ es(Ti), es = 6.112 × exp(17.62 T ÷ (243.12 + T)), below freezing 6.112 × exp(22.46 T ÷ (272.62 + T)). Target = the lower of 40 and H − 3.',
    source:
      'Saturation pressure after Magnus as the WMO has it; inside surface 0.13 m²K/W of ISO 13788. The middle of the pane only: condensation seen overrides it.',
  },
  'ventilated-humidity': {
    about: 'A house aired by a ventilator.',
    formula: 'By the hygrometer, on each floor.',
    source: TRADE_RULE,
  },
  'summer-indoor': {
    about: 'At home or away: warm air is damp air.',
    formula: 'By the thermostat or a thermometer.',
    source: TRADE_RULE,
  },
  'ventilator-filter': {
    about: 'Dark is normal here: the months count, and whether it is whole.',
    formula: 'Months since it was renewed.',
    source: 'Three cleanings, then a new one: two years.',
  },
  'ventilator-setting': {
    about: 'As a share of its range.',
    formula: 'Setting ÷ range.',
    source: TRADE_RULE,
  },
  'run-hours': {
    about: 'For wear: the design day runs around the clock.',
    formula: 'k × max(0, 18 °C − T), at most 24; for cooling T − 18 °C.',
    source: 'Degree days; k from the design day, or from hours observed on a day of known mean.',
  },
  'tap-temperature': {
    about: 'The {faucet} nearest the heater, after a minute’s run.',
    formula: 'By thermometer in the stream.',
    source: 'The 120 °F approach. Scald times: adults, third degree, US CPSC. Children burn faster.',
  },
  'stored-temperature': {
    about: 'Stored at 140 °F and mixed down before the {faucet}s.',
    formula: 'By the tank’s thermometer.',
    source: 'The mixing-valve approach: hot in the tank, safe at the tap.',
  },
  'shower-flow': {
    about: 'A bucket and a watch.',
    formula:
      'Flow = volume ÷ time. Saving = (old − new) × minutes a day × 365; heat 8.33 Btu a gallon and °F.',
    source: 'Two targets: 2.0 and 1.5 gal/min.',
    words: {
      fields: {
        'minutes-a-day': 'Minutes it runs a day',
        'low-flow-wanted': 'A low-flow head is wanted',
      },
      schools: { 'target-2': 'target 2.0 gal/min', 'target-1-5': 'target 1.5 gal/min' },
      figures: {
        'water-saved-a-year': 'water saved a year',
        'heat-saved-a-year': 'heat saved a year, Btu',
      },
      doNow: { 'anti-scald-rated': 'A low-flow head needs an anti-scald valve rated for it.' },
    },
  },
  'softener-salt': {
    about: 'How long the salt lasts.',
    formula:
      'lb a month = gr/gal × gal/day × 30 ÷ grains a pound: 2 500, 3 350 if rated efficient, 2 000 if on a timer.',
    source: TRADE_RULE,
  },
  'water-pressure': {
    about: 'A gauge on an outside {faucet}, all water off in the house.',
    formula: 'By the gauge.',
    source: TRADE_RULE,
    words: {
      fields: { pressure: 'On the gauge', 'creeps-overnight': 'It has crept up overnight' },
      figures: { pressure: 'pressure' },
      because: { 'pressure-creeps': 'It creeps up overnight: the expansion tank.' },
    },
  },
  'salt-level': {
    about: 'Lift the lid: how much of the tank is full?',
    formula: 'By eye.',
    source: TRADE_RULE,
    words: {
      fields: { 'salt-full': 'Full' },
      figures: { 'salt-full': 'full' },
      schools: { 'salt-full': 'how full' },
    },
  },
  'flue-carbon-dioxide': {
    about: 'Measured by the trade, the oil boiler hot and its air set. The maker’s figure comes first.',
    formula: 'By the analyzer.',
    source: TRADE_RULE,
    words: {
      fields: { 'carbon-dioxide': 'Carbon dioxide' },
      figures: { 'carbon-dioxide': 'carbon dioxide' },
      schools: { 'carbon-dioxide': 'carbon dioxide, %' },
    },
  },
  'pool-water': {
    about: 'By strip or kit, before anyone swims.',
    formula: 'pH, and free chlorine in ppm.',
    source: TRADE_RULE,
    words: {
      fields: { ph: 'pH', chlorine: 'Free chlorine, ppm' },
      figures: { ph: 'pH', chlorine: 'free chlorine, ppm' },
      doNow: { 'nobody-swims': 'Nobody swims until both are in range.' },
    },
  },
  radon: {
    about: 'By a kit on the lowest level that is lived in, house closed, heating season.',
    formula: 'As the laboratory writes it.',
    source: 'Usual trade knowledge. The local limit comes first.',
    words: {
      fields: { level: 'The result' },
      figures: { level: 'radon' },
    },
  },
  'condensate-dose': {
    about: 'How many tablets, and what may not meet what.',
    formula: 'Two tablets a ton at first, then one a ton every four to six weeks.',
    source: 'The usual label; the label on the package comes first.',
  },
  'tank-solids': {
    about: 'Scum, sludge and what is clear between them.',
    formula: 'Clear = depth − scum − sludge.',
    source:
      'Four approaches: thickness; solids against clear; a third or a quarter of the depth; distance from the outlet. Usual: whichever says so first.',
  },
  'sludge-depth': {
    about: 'On the floor of the tank.',
    formula: 'By the stick; a metric stick against 250 and 300 mm.',
    source: TRADE_RULE,
  },
  'scum-depth': {
    about: 'Afloat in the tank.',
    formula: 'By the stick; a metric stick against 125 and 150 mm.',
    source: TRADE_RULE,
  },
  'second-chamber': {
    about: 'By its look and smell.',
    formula: 'By eye and nose, from outside the opening.',
    source: TRADE_RULE,
  },
  'aerobic-blower': {
    about: 'Minutes in each half hour; the timer is never forced.',
    formula: 'Minutes ÷ 30 × 24 = hours a day.',
    source: TRADE_RULE,
  },
  'plant-load': {
    about: 'Laundry and all water, each against what the plant is built for.',
    formula: 'Σ uses × volume ÷ design flow of a day.',
    source: 'Forty gallons a load unless known; laundry above half is too much for a day.',
  },
  'leak-area': {
    about: 'All the gaps of a {draft} walk added up. Purpose-made vents are never counted or sealed.',
    formula:
      'Area = Σ length × width. Q = A × √(Cs × ΔT + Cw × v²), A = 0.6 × area. Heat = 1.08 × Q × 24 × degree days.',
    source: 'The ASHRAE basic model, shelter class 3; the 0.6 is a usual starting value.',
  },
  'foundation-crack': {
    about: 'Measured at the same mark each time.',
    formula: 'Width at the mark; growth by a straight line through at least three readings over half a year.',
    source: TRADE_RULE,
  },
  'concrete-age': {
    about: 'No salt in its first two years.',
    formula: 'Months since it was poured.',
    source: TRADE_RULE,
  },
  'door-paper': {
    about: 'Shut in the door and pulled, all round.',
    formula: 'Drags or slides. A threshold: a quarter turn at a time, then the paper again.',
    source: TRADE_RULE,
  },
  'vent-clearance': {
    about: 'The smallest gap to anything that burns.',
    formula:
      'Gap ÷ what is required: by the label, else 1 in double wall, 6 in single wall, 18 in solid fuel.',
    source: 'The label first, then the usual listed distances.',
  },
  'smoke-alarm-age': {
    about: 'Its age, its test, its chirp. Each alarm by itself, even when all sound together.',
    formula: 'Date of manufacture + life; a printed end wins; a combined alarm has the shorter life.',
    source: 'Ten years is usual; others hold seven or eight.',
  },
  'co-alarm-age': {
    about: 'By the end printed on it. Sounding is a stop even where nobody feels anything.',
    formula: 'Date of manufacture + life; a printed end wins.',
    source: 'Without a printed end five years; others hold seven.',
  },
  'gas-detector-age': {
    about: 'By the end printed on it. Sounding is a stop, whether or not anyone smells gas.',
    formula: 'Date of manufacture + life; a printed end wins.',
    source: 'Without a printed end five years; others hold seven.',
  },
  'alarm-distance': {
    about: 'Along the way the sound takes, to the door of the nearest bedroom. Each alarm by itself.',
    formula: 'At most 15 ft (4.6 m) to a bedroom; at least 15 ft (4.6 m) from what burns fuel.',
    source: 'The usual rule. The maker’s instructions and the local code come first.',
  },
  'window-film': {
    about: 'How large each sheet is cut, and how many kits to buy.',
    formula: '(width + margin) × (height + margin); windows ÷ windows per kit, rounded up.',
    source: 'All sizes are your own; the package says how many windows it covers.',
  },
  caulk: {
    about: 'How many cartridges the joints take.',
    formula: 'Length × width × depth, a tenth more for waste, ÷ 300 ml (10 fl oz), rounded up.',
    source: 'The tenth is a usual starting value; the label of the cartridge comes first.',
  },
  weatherstrip: {
    about: 'Both sides and the head of each door.',
    formula: '2 × height + width for a door; 15 to 20 minutes each.',
    source: TRADE_RULE,
  },
  'fill-soil': {
    about: 'How many bags the low place takes.',
    formula: 'Length × width × depth ÷ what a bag holds, rounded up.',
    source: 'All measures are your own.',
  },
  'roof-coating': {
    about: 'How many pails the roof takes.',
    formula: 'Area × coats ÷ what a pail covers, rounded up.',
    source: 'The pail says what it covers; two coats are usual.',
  },
  'emergency-stock': {
    about: 'What the household keeps in the house.',
    formula: 'People × days × what each needs a day.',
    source: 'A gallon of water each for three days is the usual least; the local advice comes first.',
  },
  'filter-order': {
    about: 'What is needed until the next order, less what is in the house.',
    formula: 'Changes until then × positions − stock.',
    source: 'All figures are your own.',
  },
  'own-work': {
    about: 'What doing it yourself saves.',
    formula: 'Quote − (materials + hours × what an hour is worth to you).',
    source: 'All prices are your own.',
  },
  'filter-cost': {
    about: 'Two ways side by side.',
    formula: 'Filters a year = positions × 12 ÷ months between changes.',
    source: 'All prices are your own.',
  },
  'lamp-saving': {
    about: 'What it saves and when its price is back.',
    formula: '(W old − W new) × hours × price; price gap ÷ saving.',
    source: 'All prices are your own; lives as the box says.',
  },
  'neglect-cost': {
    about: 'An estimate, as a range between your best and worst guess.',
    formula: 'Bill of a month × (1 − share of the work it still does) × months.',
    source: 'An estimate: both guesses are yours.',
  },
};

/** The words of one list that readings bring along themselves. */
export const ownWords = (list: keyof NonNullable<About['words']>): Readonly<Record<string, string>> =>
  Object.assign({}, ...Object.values(ABOUT).map(({ words }) => words?.[list] ?? {})) as Record<
    string,
    string
  >;
