import type { DrawingText } from './text.ts';

/** The words of the drawings of this system. */
export const manufactured = {
  belly: {
    title: 'Belly and skirting',
    says: 'A tear lets the cold to the pipes: put the insulation back, patch it on a dry, clean sheet. Skirting closed, vents free.',
    shows:
      'A {manufactured home} in section: floor, insulation and pipes, held by the belly sheet. One tear hangs down, one is patched. Skirting closes the sides.',
    labels: {
      home: 'floor',
      tear: 'tear: wet or\nhanging',
      patch: 'patch',
      skirt: 'skirting, no gaps',
      vent: 'vents free, no weeds',
      pipe: 'pipes',
    },
  },
} satisfies Record<string, DrawingText>;
