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
