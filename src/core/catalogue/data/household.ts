import type { Practice } from '../../practice/practice.ts';
import { practicesOf, school, season } from './build.ts';

const { duty, habit, response } = practicesOf('household');

/** The household and the round year. */
export const household: readonly Practice[] = [
  duty({
    code: 'emergency-supplies',
    title: 'Go through the emergency stock',
    why: 'You want to be ready for an emergency.',
    appliesTo: ['house'],
    offered: true,
    minutes: 45,
    steps: {
      work: [
        {
          says: 'List batteries, first aid, {flashlights}, candles, medication, water, food that keeps, firewood and what your family needs. A generator must run {20 ft|6 m} from any opening.',
          sums: ['emergency-stock'],
        },
        'Check the dates.',
        'Replace what is too old.',
      ],
      closeOut: ['Keep a list with dates.'],
    },
    judge: { sound: 'It is in date and complete.', act: 'Something is out of date or missing.' },
    notes: ['People × days × daily amount.'],
    schools: [
      school(
        'before-winter',
        'Yearly before winter',
        'People who were once not ready.',
        'Always.',
        season('lateSummer', 40),
      ),
    ],
    defaultSchool: 'before-winter',
    defaultBecause: 'It is before the storms.',
    handy: ['battery-restock'],
    triggers: ['power-cut'],
  }),
  duty({
    code: 'donations',
    title: 'Give away what is not needed',
    why: 'It makes room and helps others. You may save tax with the receipts.',
    appliesTo: ['house'],
    offered: true,
    minutes: 120,
    steps: {
      work: [
        'Collect clothes, toys, sports things, small appliances, phones, glasses and garden tools.',
        'Give only what is good or can be repaired.',
        'Take it there.',
      ],
      closeOut: ['Ask for a receipt for your taxes.'],
    },
    judge: { sound: 'You have the receipt.', act: 'You have none before the year ends.' },
    schools: [
      school(
        'before-year-end',
        'Each year, begun in October',
        'People who give: the date for taxes is fixed.',
        'Always.',
        {
          kind: 'dates',
          monthDays: ['10-15'],
        },
      ),
    ],
    defaultSchool: 'before-year-end',
    defaultBecause: 'No climate moves this date.',
    graceDays: 77,
    handy: ['season-comfort-changeover'],
  }),
  habit({
    code: 'season-comfort-changeover',
    title: 'Enjoy the change of season',
    why: 'It is more fun than chores only.',
    appliesTo: ['house'],
    minutes: 60,
    steps: {
      work: [
        'Do the safety tasks first.',
        'Change over your clothes for the season.',
        'Decorate a little.',
        ['Light a scented candle or simmer spices. Never leave them alone.', 'open-flame'],
      ],
    },
    judge: {},
    handy: ['donations'],
  }),
  habit({
    code: 'switch-off-unused',
    title: 'Switch off what nobody uses',
    why: 'Things on standby use power day and night, and some get warm where nobody looks.',
    appliesTo: ['house'],
    minutes: 5,
    steps: {
      work: [
        'Turn lights and fans off in empty rooms. A ceiling fan cools people, not the room.',
        'Put chargers, games and screens on one power strip, and turn it off at night.',
        'If a second refrigerator or freezer is nearly empty, empty it and switch it off.',
        'Away for days: water heater to its vacation setting. Alarms, the sump and the treatment plant stay on.',
      ],
    },
    judge: {},
    mistakes: ['Switching off a circuit with an alarm, a pump or the freezer on it.'],
  }),
  response({
    code: 'trade-visit-scope-check',
    title: 'Before and during a hired visit',
    why: 'Some companies want to replace a lot for a simple fault. Most are honest.',
    appliesTo: ['house'],
    minutes: 20,
    steps: {
      first: ['First check yourself what is safe to check.'],
      work: [
        'Write down what you noticed and what you tried.',
        'Ask the technician to show you what is wrong.',
        'Compare it with the steps here.',
        'Ask for a second opinion if it is expensive.',
        'Ask others about the company.',
      ],
      closeOut: ['Keep the report.'],
    },
    judge: {
      sound: 'They showed you what is wrong.',
      watch: 'They want to replace a lot because of a drain or a filter.',
    },
    notes: ['Quote ÷ price of the likely simple repair, both as you enter them.'],
    triggers: ['quote-or-visit'],
    handy: ['ac-no-cooling-triage'],
  }),
  response({
    code: 'builder-defect-report',
    title: 'Report a defect to the builder',
    why: 'The builder must fix defects under warranty.',
    appliesTo: ['house'],
    when: { trait: 'builder-cover' },
    minutes: 30,
    steps: {
      work: [
        'Look in the papers from the builder.',
        { says: 'Measure it and take photos.', reads: ['crack-width', 'temperature-split'] },
        'Report it in writing.',
      ],
      closeOut: ['Note the date.'],
    },
    judge: {
      sound: 'It is a fine crack.',
      act: 'There is a crack of {1/8 in|3.2 mm} or more, a leak in a wall, a temperature split outside {18 to 22 °F|10 to 12 K}, or a second drain that misses its pan.',
    },
    triggers: ['defect-found', 'move-in'],
    handy: ['foundation-crack-watch', 'ac-new-install-acceptance'],
    tools: ['camera', 'crack-gauge'],
  }),
];
