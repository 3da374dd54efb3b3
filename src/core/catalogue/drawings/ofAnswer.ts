import type { DrawingName } from './names.ts';

/** Pictures of the answers of the walk, by question and option. A question of yes and no has one picture, under `yes`. */
const ANSWER_DRAWINGS: Readonly<Record<string, Readonly<Record<string, DrawingName>>>> = {
  'gas-detector': { yes: 'gas-detector' },
  heat: {
    'gas-furnace': 'filter-upflow',
    'oil-furnace': 'filter-downflow',
    'heat-pump': 'outdoor-unit',
    'gas-boiler': 'radiator-valve',
    'oil-boiler': 'oil-boiler',
    wood: 'fireplace',
  },
  filter: { panel: 'filter-upflow', media: 'media-cabinet', washable: 'filter-wash' },
  dampers: { yes: 'duct-damper' },
  humidifier: { yes: 'humidifier-pad' },
  cool: { central: 'outdoor-unit', evaporative: 'evaporative-cooler' },
  ventilator: { removable: 'ventilator-core', sealed: 'ventilator-ceiling' },
  fires: { wood: 'fireplace', 'gas-fireplace': 'gas-fireplace', grill: 'grill' },
  heater: { tank: 'tank-heater', tankless: 'tankless-flush' },
  tap: { ordinary: 'hose-bib', 'frost-proof': 'frost-proof-bib' },
  irrigation: { yes: 'irrigation-shutoff' },
  softener: { yes: 'softener' },
  'water-parts': { sump: 'sump-pump', 'water-filter': 'water-filter', pool: 'pool' },
  appliances: {
    dishwasher: 'dishwasher',
    refrigerator: 'refrigerator-coil',
    'washing-machine': 'washer-filter',
    dryer: 'dryer-vent',
    'range-hood': 'range-hood',
  },
  generator: { yes: 'generator' },
  gutters: { yes: 'gutter' },
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
  chlorinator: { yes: 'chlorinator' },
};

/** The picture of an answer of the walk; null where it has none. */
export const drawingOfAnswer = (question: string, option: string): DrawingName | null =>
  ANSWER_DRAWINGS[question]?.[option] ?? null;

/** Whether some answer of a question has a picture. */
export const hasPictures = (question: string): boolean => ANSWER_DRAWINGS[question] !== undefined;
