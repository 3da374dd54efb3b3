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

const TRADE_RULE = 'A rule of thumb in the trade; a usual starting value.';

export const ABOUT: Readonly<Record<string, About>> = {
  'temperature-split': {
    about: 'How many degrees the cooling takes off the air that passes it.',
    formula:
      'Split = return − supply. Share of the work = split ÷ middle of the band. Second approach: split = cooling share × 12 000 ÷ (1.08 × density × ft³/min a ton), density = (1 − 6.8754e-6 × feet)^5.2559.',
    source:
      'First approach: the rule of thumb in the trade. Second: the heat balance of moist air, with 400 ft³/min a ton if the airflow is not known.',
  },
  'sensible-capacity': {
    about: 'Worked out from the airflow and the temperature difference.',
    formula: 'Btu/h = 1.08 × density × ft³/min × split °F.',
    source: 'Heat that air of the standard atmosphere carries.',
  },
  'filter-grade': {
    about: 'Hold it to the light beside a new one.',
    formula: 'New 0, light gray 0.5, gray or darker 1.',
    source:
      'Two approaches: the tolerant one waits for a clear gray, the strict one changes at the first gray.',
  },
  'face-velocity': {
    about: 'Whether a filter is too fine or too small for the airflow.',
    formula: 'ft/min = ft³/min ÷ (width × height in ft²).',
    source: `${TRADE_RULE} The arrow points to the blower.`,
  },
  'furnace-start': {
    about:
      'Watch it through the window, stage by stage. Never bypass a door switch, a limit or a rollout switch.',
    formula:
      'Call → inducer → pressure switch → igniter glow → gas valve → flame → flame sensed → blower → steady.',
    source: 'The usual order of an electronic ignition. The label inside the door comes first.',
  },
  'flame-to-blower': {
    about: 'About half a minute is usual.',
    formula: 'Seconds between the flame and the first warm air.',
    source: TRADE_RULE,
  },
  'gas-flame': {
    about: 'For a furnace, boiler or water heater that burns gas. Not for decorative logs, not for oil.',
    formula: 'By eye: steady blue inside the tubes.',
    source: 'The usual caution of the trade. A blue flame does not prove that the heat exchanger is safe.',
  },
  'oil-soot': {
    about: 'As the technician measured it.',
    formula: 'Each 1/16 in (1.6 mm) costs about 10 % more fuel; not carried beyond 1/8 in.',
    source: 'A rough rule of thumb.',
  },
  'winter-humidity': {
    about: 'The highest humidity before windows get wet in the coming cold, and what to aim for.',
    formula:
      'Pane = Ti − U × 0.13 × (Ti − To). H = the lower of 60 and 100 × es(pane) ÷ es(Ti), es = 6.112 × exp(17.62 T ÷ (243.12 + T)), below freezing 6.112 × exp(22.46 T ÷ (272.62 + T)). Target = the lower of 40 and H − 3.',
    source:
      'Saturation pressure by the Magnus formula as the WMO gives it; inside surface 0.13 m²K/W from ISO 13788. It counts for the middle of the glass only: if you see water on it, that comes first.',
  },
  'ventilated-humidity': {
    about: 'For a house with a ventilator.',
    formula: 'With a humidity gauge, on each floor.',
    source: TRADE_RULE,
  },
  'summer-indoor': {
    about: 'At home or away: warm air holds more moisture.',
    formula: 'With the thermostat or a thermometer.',
    source: TRADE_RULE,
  },
  'ventilator-filter': {
    about: 'A dark color is normal here. Its age counts, and that it is not torn.',
    formula: 'Months since it was replaced.',
    source: 'Clean it three times, then replace it: about two years.',
  },
  'ventilator-setting': {
    about: 'How high it is set, in percent of its range.',
    formula: 'Setting ÷ range.',
    source: TRADE_RULE,
  },
  'run-hours': {
    about: 'For wear. On the coldest or hottest day it is built for, it runs all day.',
    formula: 'k × max(0, 18 °C − T), at most 24; for cooling T − 18 °C.',
    source:
      'Degree days; k from the design day, or from the hours seen on a day with a known mean temperature.',
  },
  'tap-temperature': {
    about: 'At the {faucet} nearest to the heater, after it has run for one minute.',
    formula: 'With a thermometer in the water.',
    source:
      'The 120 °F approach. Scald times for adults, third degree, from the US CPSC. Children burn faster.',
  },
  'stored-temperature': {
    about: 'Stored at 140 °F and mixed with cold water before the {faucet}s.',
    formula: 'With the tank’s thermometer.',
    source: 'The mixing-valve approach: hot in the tank, safe at the {faucet}.',
  },
  'shower-flow': {
    about: 'You need a bucket and a watch.',
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
    about: 'How many days the salt lasts.',
    formula:
      'lb a month = gr/gal × gal/day × 30 ÷ grains a pound: 2 500, 3 350 if rated efficient, 2 000 if on a timer.',
    source: TRADE_RULE,
  },
  'water-pressure': {
    about: 'Screw a gauge on an outdoor {faucet}, with no water running in the house.',
    formula: 'With the gauge.',
    source: TRADE_RULE,
    words: {
      fields: { pressure: 'On the gauge', 'creeps-overnight': 'It rose overnight' },
      figures: { pressure: 'pressure' },
      because: { 'pressure-creeps': 'It rises overnight: have the expansion tank checked.' },
    },
  },
  'salt-level': {
    about: 'Lift the lid. How full is the tank?',
    formula: 'By eye.',
    source: TRADE_RULE,
    words: {
      fields: { 'salt-full': 'Full' },
      figures: { 'salt-full': 'full' },
      schools: { 'salt-full': 'how full' },
    },
  },
  'flue-carbon-dioxide': {
    about: 'Measured by a technician with the oil boiler hot. The maker’s figure comes first.',
    formula: 'With the analyzer.',
    source: TRADE_RULE,
    words: {
      fields: { 'carbon-dioxide': 'Carbon dioxide' },
      figures: { 'carbon-dioxide': 'carbon dioxide' },
      schools: { 'carbon-dioxide': 'carbon dioxide, %' },
    },
  },
  'pool-water': {
    about: 'With a test strip or kit, before anyone swims.',
    formula: 'pH, and free chlorine in ppm.',
    source: TRADE_RULE,
    words: {
      fields: { ph: 'pH', chlorine: 'Free chlorine, ppm' },
      figures: { ph: 'pH', chlorine: 'free chlorine, ppm' },
      doNow: { 'nobody-swims': 'Nobody swims until both are in range.' },
    },
  },
  radon: {
    about: 'With a test kit on the lowest floor you live on, windows closed, in the heating season.',
    formula: 'As the laboratory reports it.',
    source: 'Common knowledge in the trade. The local limit comes first.',
    words: {
      fields: { level: 'The result' },
      figures: { level: 'radon' },
    },
  },
  'condensate-dose': {
    about: 'How many tablets, and which products must never mix.',
    formula:
      'Two tablets for each ton of cooling the first time, then one for each ton every four to six weeks.',
    source: 'As on most packages. The label on yours comes first.',
  },
  'tank-solids': {
    about: 'The scum, the sludge and the clear water between them.',
    formula: 'Clear = depth − scum − sludge.',
    source:
      'Four approaches: thickness; solids against clear water; a third or a quarter of the depth; distance from the outlet. Most people act on whichever comes first.',
  },
  'sludge-depth': {
    about: 'The layer at the bottom of the tank.',
    formula: 'With a stick; a metric stick is read against 250 and 300 mm.',
    source: TRADE_RULE,
  },
  'scum-depth': {
    about: 'The layer that floats in the tank.',
    formula: 'With a stick; a metric stick is read against 125 and 150 mm.',
    source: TRADE_RULE,
  },
  'second-chamber': {
    about: 'Judge it by look and smell.',
    formula: 'Look and smell from outside the opening.',
    source: TRADE_RULE,
  },
  'aerobic-blower': {
    about: 'How many minutes it runs in half an hour. Never force the timer.',
    formula: 'Minutes ÷ 30 × 24 = hours a day.',
    source: TRADE_RULE,
  },
  'plant-load': {
    about: 'Laundry and all water, compared with the amount the plant is built for.',
    formula: 'Σ uses × volume ÷ design flow of a day.',
    source: 'Forty gallons a load if not known. Laundry above half of it is too much for one day.',
  },
  'leak-area': {
    about: 'All the gaps you found, added up. Never count or seal vents that were made on purpose.',
    formula:
      'Area = Σ length × width. Q = A × √(Cs × ΔT + Cw × v²), A = 0.6 × area. Heat = 1.08 × Q × 24 × degree days.',
    source: 'The ASHRAE basic model, shelter class 3; the 0.6 is a usual starting value.',
  },
  'foundation-crack': {
    about: 'Measure at the same mark each time.',
    formula: 'Width at the mark; growth by a straight line through at least three readings over half a year.',
    source: TRADE_RULE,
  },
  'concrete-age': {
    about: 'Use no salt in its first two years.',
    formula: 'Months since the concrete was poured.',
    source: TRADE_RULE,
  },
  'door-paper': {
    about: 'Shut a strip of paper in the door and pull it out, all around the door.',
    formula: 'It drags or it slides. Adjust a threshold by a quarter turn, then try the paper again.',
    source: TRADE_RULE,
  },
  'vent-clearance': {
    about: 'The smallest gap between the vent and anything that can burn.',
    formula:
      'Gap ÷ required gap: as on the label, else 1 in for double-wall, 6 in for single-wall, 18 in for solid fuel.',
    source: 'The label first, then the usual listed distances.',
  },
  'smoke-alarm-age': {
    about: 'Its age, its test, its chirp. Check each alarm by itself, even when all of them sound together.',
    formula:
      'Date of manufacture + life. A printed end date comes first. A combined alarm has the shorter life.',
    source: 'Ten years is usual; some say seven or eight.',
  },
  'co-alarm-age': {
    about: 'By the end date printed on it. If it sounds, stop, even if nobody feels ill.',
    formula: 'Date of manufacture + life. A printed end date comes first.',
    source: 'Five years without a printed end date; some say seven.',
  },
  'gas-detector-age': {
    about: 'By the end date printed on it. If it sounds, stop, even if nobody smells gas.',
    formula: 'Date of manufacture + life. A printed end date comes first.',
    source: 'Five years without a printed end date; some say seven.',
  },
  'alarm-distance': {
    about: 'The way the sound goes, to the door of the nearest bedroom. Measure each alarm by itself.',
    formula: 'At most 15 ft (4.6 m) to a bedroom; at least 15 ft (4.6 m) from what burns fuel.',
    source: 'The usual rule. The maker’s instructions and the local code come first.',
  },
  'window-film': {
    about: 'How big to cut each sheet, and how many kits to buy.',
    formula: '(width + margin) × (height + margin); windows ÷ windows per kit, rounded up.',
    source: 'You measure the sizes. The package says how many windows it covers.',
  },
  caulk: {
    about: 'How many cartridges the joints need.',
    formula: 'Length × width × depth, a tenth more for waste, ÷ 300 ml (10 fl oz), rounded up.',
    source: 'A tenth for waste is a usual starting value. The label of the cartridge comes first.',
  },
  weatherstrip: {
    about: 'Both sides and the top of each door.',
    formula: '2 × height + width for a door; 15 to 20 minutes each.',
    source: TRADE_RULE,
  },
  'fill-soil': {
    about: 'How many bags the low spot needs.',
    formula: 'Length × width × depth ÷ what a bag holds, rounded up.',
    source: 'You measure everything.',
  },
  'roof-coating': {
    about: 'How many pails the roof needs.',
    formula: 'Area × coats ÷ what a pail covers, rounded up.',
    source: 'The pail says how much it covers. Two coats are usual.',
  },
  'emergency-stock': {
    about: 'How much your household should keep at home.',
    formula: 'People × days × the amount each needs a day.',
    source:
      'A gallon of water a day for each person, for three days, is the usual minimum. Local advice comes first.',
  },
  'filter-order': {
    about: 'The filters you need until the next order, minus the ones you have.',
    formula: 'Changes until then × places − filters you have.',
    source: 'You give all the numbers.',
  },
  'own-work': {
    about: 'How much you save by doing it yourself.',
    formula: 'Quote − (materials + hours × the worth of your hour).',
    source: 'You give all the prices.',
  },
  'filter-cost': {
    about: 'Compare two filters.',
    formula: 'Filters a year = places × 12 ÷ months between changes.',
    source: 'You give all the prices.',
  },
  'lamp-saving': {
    about: 'How much it saves, and when it has paid for itself.',
    formula: '(W old − W new) × hours × price of power; extra price ÷ saving.',
    source: 'You give all the prices. The box says how long it lasts.',
  },
  'neglect-cost': {
    about: 'An estimate between your best and your worst guess.',
    formula: 'Monthly bill × (1 − share of the work it still does) × months.',
    source: 'An estimate from your two guesses.',
  },
};

/** The words of one list that readings bring along themselves. */
export const ownWords = (list: keyof NonNullable<About['words']>): Readonly<Record<string, string>> =>
  Object.assign({}, ...Object.values(ABOUT).map(({ words }) => words?.[list] ?? {})) as Record<
    string,
    string
  >;
