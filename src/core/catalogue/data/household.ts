import type { Practice } from '../../practice/practice.ts';
import { practicesOf, school, season } from './build.ts';

const { duty, habit, response } = practicesOf('household');

/** The household and the round year. */
export const household: readonly Practice[] = [
  duty({
    code: 'emergency-supplies',
    title: 'Go through the emergency stock',
    why: 'Nobody wants to be caught unprepared.',
    appliesTo: ['house'],
    offered: true,
    minutes: 45,
    steps: {
      work: [
        {
          says: 'List: batteries, first aid, {flashlights}, candles, medication, water, food that keeps, firewood, what this family needs. A generator runs {20 ft|6 m} from any opening.',
          sums: ['emergency-stock'],
        },
        'Check dates.',
        'Replace.',
      ],
      closeOut: ['A dated list.'],
    },
    judge: { sound: 'In date and complete.', act: 'Out of date, or short.' },
    notes: ['People × days × daily amount.'],
    schools: [
      school(
        'before-winter',
        'Yearly before winter',
        'Everyone who was caught once.',
        'Always.',
        season('lateSummer', 40),
      ),
    ],
    defaultSchool: 'before-winter',
    defaultBecause: 'Before the storms.',
    handy: ['battery-restock'],
    triggers: ['power-cut'],
  }),
  duty({
    code: 'donations',
    title: 'Give away what is not needed',
    why: 'It frees space and helps others; receipts may count for tax.',
    appliesTo: ['house'],
    offered: true,
    minutes: 120,
    steps: {
      work: [
        'Gather clothes, toys, sports things, small appliances, phones, spectacles, garden tools.',
        'Keep only what is good or can be mended.',
        'Deliver.',
      ],
      closeOut: ['A receipt for the tax papers.'],
    },
    judge: { sound: 'Receipt on file.', act: 'None before the year ends.' },
    schools: [
      school('before-year-end', 'Each year, begun in October', 'Givers: the tax date is fixed.', 'Always.', {
        kind: 'dates',
        monthDays: ['10-15'],
      }),
    ],
    defaultSchool: 'before-year-end',
    defaultBecause: 'The one date that no climate moves.',
    graceDays: 77,
    handy: ['season-comfort-changeover'],
  }),
  habit({
    code: 'season-comfort-changeover',
    title: 'Make the change of season pleasant',
    why: 'It keeps the round from being all chores.',
    appliesTo: ['house'],
    minutes: 60,
    steps: {
      work: [
        'Safety jobs first.',
        'Rotate the wardrobe within a budget.',
        'Decorate lightly.',
        ['Scent by candle or simmered spices, never unattended.', 'open-flame'],
      ],
    },
    judge: {},
    handy: ['donations'],
  }),
  habit({
    code: 'switch-off-unused',
    title: 'Switch off what nobody uses',
    why: 'Things on standby draw power day and night, and some make heat in a corner nobody looks at.',
    appliesTo: ['house'],
    minutes: 5,
    steps: {
      work: [
        'Lights and fans off in empty rooms; a ceiling fan cools people, not the room.',
        'Chargers, games and screens on one switched strip, off at night.',
        'A second refrigerator or freezer that is nearly empty: empty it and switch it off.',
        'Away for days: water heater to its vacation setting. Alarms, the sump and the treatment plant stay on.',
      ],
    },
    judge: {},
    mistakes: ['Switching off a circuit that an alarm, a pump or the freezer hangs on.'],
  }),
  response({
    code: 'trade-visit-scope-check',
    title: 'Before and during a hired visit',
    why: 'Large replacements are quoted for simple faults; most trades are honest, some are not.',
    appliesTo: ['house'],
    minutes: 20,
    steps: {
      first: ['Do the safe self-check.'],
      work: [
        'Write down the symptom and what was tried.',
        'Ask for findings with evidence.',
        'Compare with the list of steps here.',
        'A second opinion for anything large.',
        'Ask around about the firm.',
      ],
      closeOut: ['File the report.'],
    },
    judge: { sound: 'A finding was shown.', watch: 'A large replacement for a drain or filter fault.' },
    notes: ['Quote ÷ likely simple remedy, both your own figures.'],
    triggers: ['quote-or-visit'],
    handy: ['ac-no-cooling-triage'],
  }),
  response({
    code: 'builder-defect-report',
    title: 'Report a defect to the builder',
    why: 'Defects under warranty are the builder’s to fix.',
    appliesTo: ['house'],
    when: { trait: 'builder-cover' },
    minutes: 30,
    steps: {
      work: [
        'Look in the handover guide.',
        { says: 'Measure and photograph.', reads: ['crack-width', 'temperature-split'] },
        'Report in writing.',
      ],
      closeOut: ['The date noted.'],
    },
    judge: {
      sound: 'A hairline.',
      act: 'A crack of {1/8 in|3.2 mm} or more, a leak in a wall, a split outside {18 to 22 °F|10 to 12 K}, a second drain that misses its pan.',
    },
    triggers: ['defect-found', 'move-in'],
    handy: ['foundation-crack-watch', 'ac-new-install-acceptance'],
    tools: ['camera', 'crack-gauge'],
  }),
];
