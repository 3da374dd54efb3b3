import type { DrawingName } from './names.ts';

/** Pictures of the answers of the walk, by question and option. */
export const ANSWER_DRAWINGS: Readonly<Record<string, Readonly<Record<string, DrawingName>>>> = {
  heat: {
    'gas-furnace': 'filter-upflow',
    'heat-pump': 'outdoor-unit',
    'gas-boiler': 'radiator-valve',
    'oil-boiler': 'oil-boiler',
    wood: 'fireplace',
  },
  filter: { panel: 'filter-upflow', media: 'media-cabinet', washable: 'filter-wash' },
  cool: { central: 'outdoor-unit', evaporative: 'evaporative-cooler' },
  ventilator: { removable: 'ventilator-core', sealed: 'ventilator-ceiling' },
  fires: { wood: 'fireplace', 'gas-fireplace': 'gas-fireplace', grill: 'grill' },
  heater: { tank: 'tank-heater', tankless: 'tankless-flush' },
  tap: { ordinary: 'hose-bib', 'frost-proof': 'frost-proof-bib' },
  'water-parts': { sump: 'sump-pump', 'water-filter': 'water-filter', pool: 'pool' },
  appliances: {
    dishwasher: 'dishwasher',
    refrigerator: 'refrigerator-coil',
    'washing-machine': 'washer-filter',
    dryer: 'dryer-vent',
    'range-hood': 'range-hood',
  },
  ground: {
    lawn: 'lawn-cut',
    garden: 'bulbs',
    gully: 'yard-drain',
    'yard-outlet': 'pop-up-outlet',
    'air-bricks': 'air-brick',
    underbelly: 'belly',
    deck: 'deck',
  },
  'extra-layer': { film: 'window-film', storm: 'storm-panel' },
  openings: { door: 'paper-test', 'garage-door': 'garage-door' },
  sewage: { septic: 'septic-tank', aerobic: 'treatment-plant' },
};

/** Pictures of what a question is about, where its answers are a number or look too much alike. */
const QUESTION_DRAWINGS: Readonly<Record<string, DrawingName>> = {
  'smoke-power': 'smoke-alarm',
  'co-rooms': 'alarm-places',
  'gas-detector': 'gas-detector',
  extinguishers: 'extinguisher',
  dampers: 'duct-damper',
  humidifier: 'humidifier-pad',
  thermostat: 'thermostat',
  'bath-fans': 'bath-fan',
  taps: 'hose-bib',
  irrigation: 'irrigation-shutoff',
  preventer: 'irrigation-shutoff',
  softener: 'softener',
  outlets: 'gfci',
  generator: 'generator',
  covering: 'roof-coverings',
  gutters: 'gutter',
  cracks: 'crack-gauge',
  chlorinator: 'chlorinator',
  'upflow-filter': 'treatment-plant',
};

/** The picture of an answer of the walk; null where it has none. */
export const drawingOfAnswer = (question: string, option: string): DrawingName | null =>
  ANSWER_DRAWINGS[question]?.[option] ?? null;

/** The picture of what a question of the walk is about; null where it has none. */
export const drawingOfQuestion = (question: string): DrawingName | null =>
  QUESTION_DRAWINGS[question] ?? null;

/** Whether some answer of a question has a picture. */
export const hasPictures = (question: string): boolean => ANSWER_DRAWINGS[question] !== undefined;
