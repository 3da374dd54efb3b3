import type { Symptom } from '../core/catalogue/data/symptoms.ts';
import { nameIn, words, type Speech } from './speech.ts';

/** The first act where no response of the catalogue says so, in the catalogue's words. */
export const FIRST_STEPS: Readonly<Record<string, readonly string[]>> = {
  'smoke-alarm': [
    'Everyone out, pets too; shut doors behind you.',
    'Call the emergency number from outside.',
    'Nobody goes back in before the fire service says so.',
    'Only if you are sure it was steam or cooking: air the room, then press the test button.',
  ],
  'orange-flame': [
    'Turn the burner off at its switch or valve. Do not relight it.',
    'Look that a working carbon monoxide alarm is near; if it sounds, or anyone feels unwell, everyone out.',
    'Decorative logs burn yellow by design; everything else is for a licensed trade.',
  ],
  'burst-pipe': [
    'Close the {main shutoff}, shown above.',
    'Water near an {outlet}, a light or the {breaker panel}: touch nothing. Turn the power off only from a dry place.',
    'Turn the water heater off, and open the lowest cold {faucet}, so that the pipes run empty.',
    'Never enter a flooded basement while its power is on.',
    'Take photos, call a plumber, and dry it the same day.',
  ],
  'toilet-overflow': [
    'Lift the lid of its tank and push the flap shut, or lift the float, so that no more water comes.',
    'Shut the valve behind the toilet, clockwise. If it does not close: the {main shutoff}, shown above.',
    'Do not flush again. Sewage makes people ill: wear gloves and keep children away.',
    'Use a plunger. Where other drains gurgle or rise as well, use no water at all and call a drain or septic company.',
  ],
  'power-out': [
    'Are the neighbors without power too? Call the power company. Stay away from fallen lines.',
    'Only here: look for a tripped breaker, and reset it once, with dry hands. If it trips again, leave it off and call an electrician.',
    'Never run a generator, a grill or a camp stove indoors. A generator stands {20 ft|6 m} from every opening.',
    'Keep refrigerator and freezer shut. Unplug what must not start by itself.',
    'A sump pump or a treatment plant stands still now: use little water.',
  ],
  'sewage-smell': [
    'Like rotten eggs, near a gas appliance or outside at the meter: take it for gas. Leave, and call from outside.',
    'Water rises in the lowest drain or toilet: use no water, and call a drain or septic company.',
    'Pour water into drains that are seldom used: a dry trap lets the smell through.',
    'Over the tank or its field: keep people off, use little water, and call the septic company.',
  ],
  'no-hot-water': [
    'A smell of gas: touch no switch, leave, and call from outside.',
    'Water around the heater: shut its cold water valve, and its power or gas.',
    'Electric: look for a tripped breaker, and reset it once.',
    'Gas: where its flame is out, follow the lighting label, once. Without a label, or if it goes out again, call a trade.',
    'Tankless: read the code on its panel, and start it again once.',
  ],
  'wet-ceiling': [
    'Stay out from under a bulge; keep others out of the room.',
    'Water near a switch, a light or the {breaker panel}: touch nothing. Power off only from a dry place.',
    'Shut the nearest valve, or the {main shutoff}; turn the cooling off if its pan is above.',
    'Never enter a flooded basement.',
    'Find where it comes from: a pipe, a drain pan, the roof. Note it with a photo.',
  ],
};

const OWN_NAMES: Readonly<Record<string, string>> = { 'smoke-alarm': 'A smoke alarm sounds' };

/** The name of a symptom. */
export const symptomName = (speech: Speech, { code, trigger }: Symptom): string =>
  OWN_NAMES[code] ?? nameIn(speech, 'trigger', trigger);

/** The first steps of a symptom without a response of its own. */
export const firstSteps = (speech: Speech, code: string): string[] =>
  (FIRST_STEPS[code] ?? []).map((text) => words(speech, text));
