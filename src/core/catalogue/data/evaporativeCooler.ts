import type { Practice } from '../../practice/practice.ts';
import { practicesOf, school, season } from './build.ts';

const { duty } = practicesOf('evaporative-cooler');

/** Evaporative coolers. */
export const evaporativeCooler: readonly Practice[] = [
  duty({
    code: 'evaporative-cooler-shut',
    title: 'Drain and cover the {swamp cooler}',
    why: 'Frost cracks the line, snow gets in, and the ceiling below leaks.',
    appliesTo: ['evaporative-cooler'],
    when: { climate: 'freezes' },
    minutes: 60,
    doers: ['helper', 'trade'],
    setUps: ['ladder', 'water-off'],
    freezeGuard: { atOrBelow: 0 },
    pair: { state: 'evaporative-cooler', half: 'closes' },
    steps: {
      first: [['Shut the water off at its valve.', 'frost-burst']],
      work: [
        [
          'On the roof, disconnect the small line. Have someone hold the ladder, and never do it alone.',
          'falls',
        ],
        'Drain the pan.',
        'When it is dry, cover it with canvas and tie it.',
      ],
      closeOut: ['Done: marked as shut for the season.'],
      later: ['Uncover it in spring.'],
    },
    judge: { sound: 'It is dry and covered.' },
    mistakes: ['Covering before it is dry.'],
    schools: [
      school(
        'before-freeze',
        'Before the first freeze',
        'Owners in high dry places.',
        'Always.',
        season('firstFreeze', -14),
      ),
      school(
        'end-of-cooling',
        'When cooling ends',
        'Others: the roof is still warm and dry.',
        'When nobody uses it in autumn.',
        season('coolingEnd', 7),
      ),
    ],
    defaultSchool: 'before-freeze',
    defaultBecause: 'You can use it in a warm autumn. A frost forecast moves it earlier.',
    handy: ['hose-disconnect'],
    tools: ['ladder', 'adjustable-wrench', 'helper'],
    triggers: ['hard-freeze'],
  }),
  duty({
    code: 'evaporative-cooler-reopen',
    title: 'Uncover and start the {swamp cooler}',
    why: 'Take the cover off and connect the line. Leaks show now.',
    appliesTo: ['evaporative-cooler'],
    when: { climate: 'freezes' },
    minutes: 60,
    doers: ['helper', 'trade'],
    setUps: ['ladder'],
    pair: { state: 'evaporative-cooler', half: 'opens' },
    steps: {
      first: ['Wait until freezing is over.'],
      work: [
        ['Take the cover off with a helper. Fold it and store it.', 'falls'],
        'Reconnect the line.',
        ['Turn the water on. Look for drips on the roof and the ceiling.', 'flooding'],
      ],
      closeOut: ['Done: marked as open.'],
    },
    judge: { sound: 'It does not drip.', act: 'It leaks.' },
    schools: [
      school(
        'before-cooling',
        'Before the first heat, when freezing is over',
        'Owners in high dry places.',
        'Always.',
        season('coolingStart', -21),
      ),
      school(
        'freezing-over',
        'As soon as freezing is over',
        'Others: leaks show in time.',
        'When the roof leaked before.',
        season('lastFreeze', 7),
      ),
    ],
    defaultSchool: 'before-cooling',
    defaultBecause: 'You need it when the heat comes.',
    handy: ['outdoor-tap-reopen'],
    tools: ['ladder', 'helper'],
  }),
];
