import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const fires = {
  fireplace: {
    title: 'Fireplace and chimney',
    says: 'Damper open before the fire, shut when the ash is cold. {1/8 in|3 mm} of soot: have it swept.',
    shows:
      'A fireplace in section with its damper in the throat, soot in the flue, and glass doors in front.',
    labels: {
      damper: 'damper',
      soot: 'soot: scratch it',
      doors: 'glass doors',
      ash: 'ash: metal bin, outdoors',
      open: 'open for a fire',
      sweep: 'swept\nonce a\nyear',
    },
  },
  'gas-fireplace': {
    title: 'Gas fireplace',
    says: 'Off and cold: dust the burner and logs softly, wash the glass. Soot on glass or logs: have it serviced.',
    shows: 'A gas fireplace with its glass front, the logs over the burner, and the controls below.',
    labels: {
      glass: 'glass: wash it cold',
      flame: 'yellow between logs',
      valve: 'valve, pilot',
      dust: 'dust softly',
      soot: 'soot: stop, call',
      vent: 'vent outside is free',
    },
  },
  grill: {
    title: 'Grill',
    says: 'Brush the burner holes, look for webs in the tubes, empty the grease. Soap water on the hose: no bubbles.',
    shows:
      'A gas grill in section: the burner with its holes, the grease tray below, the hose to the gas bottle.',
    labels: {
      burner: 'burner\nholes',
      nest: 'webs in\nthe tube',
      grease: 'grease: empty it',
      hose: 'hose',
      soap: 'soap water: no bubbles',
      lid: 'open lid to light',
    },
  },
} satisfies Record<string, DrawingText>;
