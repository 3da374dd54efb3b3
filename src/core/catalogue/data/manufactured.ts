import type { Practice } from '../../practice/practice.ts';
import { after, first, practicesOf, school, season, every } from './build.ts';

const { duty } = practicesOf('manufactured');

/** Things only manufactured homes have. */
export const manufactured: readonly Practice[] = [
  duty({
    code: 'underbelly-seal',
    title: 'Inspect and patch the belly',
    why: 'Repairs cut it open and move the insulation. Then pipes, ducts and floor get cold, and animals get in.',
    appliesTo: ['underbelly'],
    minutes: 120,
    setUps: ['crawl-space'],
    supplies: [{ supply: 'barrier-sheet', quantity: 1 }],
    steps: {
      first: [
        [
          'Wear a mask and gloves and take a light. Note wires and pipes. Never go under the home alone.',
          'mineral-fibre',
          'shock',
        ],
      ],
      work: [
        'List every hole.',
        'Put insulation back.',
        'Cut a sheet larger than the hole.',
        ['Use spray glue or {caulk}. Keep flames away and let air in.', 'flammable-spray', 'skin-contact'],
        'Press it up and seal it all around.',
      ],
      closeOut: ['Take photos.'],
    },
    judge: { sound: 'There are no holes.', act: 'The insulation is cut or wet.' },
    mistakes: ['Leaving it open because someone did.'],
    schools: [
      school(
        'before-winter',
        'Each autumn, and after every repair below',
        'Advisers for {manufactured homes}: this is a usual starting value.',
        'Always.',
        first(season('firstFreeze', -45), after(7, 'repair-below')),
      ),
      school(
        'no-frost',
        'Yearly, and after every repair below',
        'Owners where there is no frost.',
        'No frost.',
        first(every(1, 'years'), after(7, 'repair-below')),
        { not: { climate: 'freezes' } },
      ),
    ],
    defaultSchool: 'before-winter',
    defaultBecause: 'The cold comes in at the holes.',
    handy: ['skirting-repair', 'pipe-insulation-fit'],
    tools: ['mask', 'gloves', 'flashlight', 'knife'],
    triggers: ['repair-below'],
  }),
  duty({
    code: 'skirting-repair',
    title: 'Check and repair the skirting',
    why: 'Animals get in or get trapped. Water gets in at a broken trim.',
    appliesTo: ['skirting'],
    minutes: 45,
    supplies: [{ supply: 'skirting-panel', quantity: 0.5 }],
    steps: {
      first: [['Make sure nothing is trapped inside.', 'animals']],
      work: [
        'Find broken trim or panel.',
        'Lift the trim. The panel slides up and out.',
        { says: 'Cut the new panel to height.', cautions: ['cuts'], facts: ['size'] },
        'Put it back with its trim.',
      ],
      closeOut: ['Walk around it: there must be no gaps.'],
    },
    judge: { sound: 'Whole.', act: 'There is a gap.' },
    schools: [
      school(
        'spring-and-autumn',
        'Spring and autumn',
        'This is a usual starting value.',
        'Always.',
        first(season('lateWinter', 45), season('lateSummer', 21)),
      ),
    ],
    defaultSchool: 'spring-and-autumn',
    defaultBecause: 'It is after winter and before it.',
    handy: ['underbelly-seal'],
    tools: ['knife', 'tape-measure'],
    triggers: ['windstorm'],
  }),
];
