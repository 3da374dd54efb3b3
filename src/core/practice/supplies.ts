/** Supplies of work, and the usual days of delivery. Names and units are texts in the locales. */
export const SUPPLIES = {
  'filter-panel': 4,
  'filter-media': 7,
  'filter-cut-to-size': 7,
  'condensate-tablets': 5,
  'condensate-cleaner': 2,
  'gas-cartridge': 5,
  'duct-mastic': 5,
  'duct-insulation': 5,
  'boiler-nozzle': 7,
  'thermostat-cell': 2,
  'alarm-cell': 2,
  'alarm-unit': 5,
  'test-spray': 5,
  'humidifier-pad': 7,
  'ventilator-filter': 10,
  'outlet-gasket': 5,
  lamp: 3,
  'softener-salt': 3,
  'chlorine-tablets': 5,
  descaler: 5,
  'thread-tape': 2,
  'tap-washer': 3,
  'trap-washer': 3,
  'service-valve': 3,
  'pipe-insulation': 3,
  'heater-jacket': 5,
  'shower-head': 5,
  aerator: 4,
  'wind-tee': 5,
  'roof-coating': 7,
  'roof-tile': 10,
  'lead-strip': 7,
  mortar: 3,
  'vent-cage': 7,
  'attic-insulation': 5,
  soil: 3,
  sand: 3,
  'draught-strip': 4,
  'door-sweep': 4,
  sealant: 2,
  foam: 2,
  'window-film': 4,
  putty: 3,
  grout: 3,
  'cleaning-log': 3,
  'barrier-sheet': 5,
  'skirting-panel': 14,
} as const;

/** Days an unknown supply is taken to need. */
const USUAL_DELIVERY = 5;

/** Days from ordering until a supply is there. */
export function deliveryDaysOf(supply: string): number {
  return (SUPPLIES as Readonly<Record<string, number>>)[supply] ?? USUAL_DELIVERY;
}
