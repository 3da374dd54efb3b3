import type { Symptom } from '../core/catalogue/data/symptoms.ts';
import { nameIn, words, type Speech } from './speech.ts';

/** The first act where no response of the catalogue says so, in the catalogue's words. */
export const FIRST_STEPS: Readonly<Record<string, readonly string[]>> = {
  'smoke-alarm': [
    'Everyone out, pets too. Shut doors behind you.',
    'Call the emergency number from outside.',
    'Nobody goes back in until the fire service says so.',
    'Only if you are sure it was steam or cooking: open windows, then press the test button.',
  ],
  'orange-flame': [
    'Turn the burner off at its switch or valve. Do not relight it.',
    'Make sure that a working carbon monoxide alarm is near. If it sounds, or anyone feels ill, everyone out.',
    'Only decorative logs burn yellow by design. For anything else call a licensed technician.',
  ],
  'burst-pipe': [
    'Close the {main shutoff}, shown above.',
    'If water is near an {outlet}, a light or the {breaker panel}, touch nothing. Turn the power off only from a dry place.',
    'Turn the water heater off, and open the lowest cold {faucet} to empty the pipes.',
    'Never enter a flooded basement while its power is on.',
    'Take photos, call a plumber, and dry everything the same day.',
  ],
  'toilet-overflow': [
    'Lift the lid of the tank and push the flap shut, or lift the float, so that no more water comes.',
    'Turn the valve behind the toilet clockwise. If it does not close, shut the {main shutoff}, shown above.',
    'Do not flush again. Sewage makes people ill: wear gloves and keep children away.',
    'Use a plunger. If other drains gurgle or back up too, use no water at all and call a drain or septic company.',
  ],
  'power-out': [
    'Are the neighbors without power too? Call the power company. Stay away from fallen lines.',
    'If it is only your home, look for a tripped breaker and reset it once, with dry hands. If it trips again, leave it off and call an electrician.',
    'Never run a generator, a grill or a camp stove indoors. Keep a generator {20 ft|6 m} from every door and window.',
    'Keep the refrigerator and freezer shut. Unplug things that must not start by themselves.',
    'A sump pump or treatment plant does not run now: use little water.',
  ],
  'sewage-smell': [
    'If it smells like rotten eggs, near a gas appliance or at the meter, treat it as gas. Leave, and call from outside.',
    'If water rises in the lowest drain or toilet, use no water, and call a drain or septic company.',
    'Pour water into drains you seldom use: a dry trap lets the smell through.',
    'If it smells over the septic tank or its field, keep people away, use little water, and call the septic company.',
  ],
  'no-hot-water': [
    'If you smell gas, do not touch a switch. Leave, and call from outside.',
    'If there is water around the heater, shut its cold water valve and turn off its power or gas.',
    'Electric heater: look for a tripped breaker and reset it once.',
    'Gas heater: if the flame is out, follow the lighting label once. Without a label, or if it goes out again, call a technician.',
    'Tankless heater: read the code on its panel and restart it once.',
  ],
  'wet-ceiling': [
    'Do not stand under a bulge. Keep others out of the room.',
    'If water is near a switch, a light or the {breaker panel}, touch nothing. Turn the power off only from a dry place.',
    'Shut the nearest valve or the {main shutoff}. Turn the cooling off if its drain pan is above.',
    'Never enter a flooded basement.',
    'Find where the water comes from: a pipe, a drain pan or the roof. Log it with a photo.',
  ],
};

const OWN_NAMES: Readonly<Record<string, string>> = { 'smoke-alarm': 'A smoke alarm sounds' };

/** The name of a symptom. */
export const symptomName = (speech: Speech, { code, trigger }: Symptom): string =>
  OWN_NAMES[code] ?? nameIn(speech, 'trigger', trigger);

/** The first steps of a symptom without a response of its own. */
export const firstSteps = (speech: Speech, code: string): string[] =>
  (FIRST_STEPS[code] ?? []).map((text) => words(speech, text));
