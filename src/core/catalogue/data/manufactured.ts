import type { Practice } from '../../practice/practice.ts';
import { after, first, practicesOf, school, season, every } from './build.ts';

const { duty } = practicesOf('manufactured');

/** Things only manufactured homes have. */
export const manufactured: readonly Practice[] = [
  duty({
    code: 'underbelly-seal',
    title: 'Inspect and patch the belly',
    why: 'Repairs slit it and push insulation aside; pipes, ducts and floor then chill, and animals enter.',
    appliesTo: ['underbelly'],
    minutes: 120,
    setUps: ['crawl-space'],
    supplies: [{ supply: 'barrier-sheet', quantity: 1 }],
    steps: {
      first: [
        ['Mask, gloves, light; note wires and pipes; never alone underneath.', 'mineral-fibre', 'shock'],
      ],
      work: [
        'List every hole.',
        'Put insulation back.',
        'Cut sheeting larger than the hole.',
        ['Spray glue over the patch, or {caulk}; no flame, air.', 'flammable-spray', 'skin-contact'],
        'Press up, sealed all round.',
      ],
      closeOut: ['Photographs.'],
    },
    judge: { sound: 'No holes.', act: 'Cut or wet insulation.' },
    mistakes: ['Leaving it open because a repairer did.'],
    schools: [
      school(
        'before-winter',
        'Each autumn, and after every repair below',
        'A usual starting value; advisers for {manufactured homes}.',
        'Always.',
        first(season('firstFreeze', -45), after(7, 'repair-below')),
      ),
      school(
        'no-frost',
        'Yearly, and after every repair below',
        'Owners where no frost marks the year.',
        'No frost.',
        first(every(1, 'years'), after(7, 'repair-below')),
        { not: { climate: 'freezes' } },
      ),
    ],
    defaultSchool: 'before-winter',
    defaultBecause: 'Cold finds the holes first.',
    handy: ['skirting-repair', 'pipe-insulation-fit'],
    tools: ['mask', 'gloves', 'flashlight', 'knife'],
    triggers: ['repair-below'],
  }),
  duty({
    code: 'skirting-repair',
    title: 'Walk the skirting and mend it',
    why: 'Animals get in or are trapped; water passes a broken trim.',
    appliesTo: ['skirting'],
    minutes: 45,
    supplies: [{ supply: 'skirting-panel', quantity: 0.5 }],
    steps: {
      first: [['Make sure nothing is trapped inside.', 'animals']],
      work: [
        'Find broken trim or panel.',
        'Lift the trim; the panel slides up and out.',
        { says: 'Cut the new panel to height.', cautions: ['cuts'], facts: ['size'] },
        'Refit with trim.',
      ],
      closeOut: ['Walk round: no gaps.'],
    },
    judge: { sound: 'Whole.', act: 'Any gap.' },
    schools: [
      school(
        'spring-and-autumn',
        'Spring and autumn',
        'A usual starting value.',
        'Always.',
        first(season('lateWinter', 45), season('lateSummer', 21)),
      ),
    ],
    defaultSchool: 'spring-and-autumn',
    defaultBecause: 'After winter and before it.',
    handy: ['underbelly-seal'],
    tools: ['knife', 'tape-measure'],
    triggers: ['windstorm'],
  }),
];
