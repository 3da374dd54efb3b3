import type { Practice } from '../../practice/practice.ts';
import { practicesOf, school, season } from './build.ts';

const { duty } = practicesOf('evaporative-cooler');

/** Evaporative coolers. */
export const evaporativeCooler: readonly Practice[] = [
  duty({
    code: 'evaporative-cooler-shut',
    title: 'Drain and cover the {swamp cooler}',
    why: 'Frost cracks the line, snow gets in, the ceiling below leaks.',
    appliesTo: ['evaporative-cooler'],
    when: { climate: 'freezes' },
    minutes: 60,
    doers: ['helper', 'trade'],
    setUps: ['ladder', 'water-off'],
    freezeGuard: { atOrBelow: 0 },
    pair: { state: 'evaporative-cooler', half: 'closes' },
    steps: {
      first: [['Water off at the feed valve.', 'frost-burst']],
      work: [
        ['On the roof with someone at the ladder’s foot, never alone: disconnect the small line.', 'falls'],
        'Drain the pan.',
        'Once dry, cover with canvas and tie.',
      ],
      closeOut: ['Done: marked as shut for the season.'],
      later: ['Uncovered in spring.'],
    },
    judge: { sound: 'Dry and covered.' },
    mistakes: ['Covering before it is dry.'],
    schools: [
      school(
        'before-freeze',
        'Before the first freeze',
        'Owners in high dry country.',
        'Always.',
        season('firstFreeze', -14),
      ),
      school(
        'end-of-cooling',
        'When cooling ends',
        'Others: the roof is warm and dry then.',
        'Nobody uses it in autumn.',
        season('coolingEnd', 7),
      ),
    ],
    defaultSchool: 'before-freeze',
    defaultBecause: 'Warm autumns are still used; the forecast pulls it earlier.',
    handy: ['hose-disconnect'],
    tools: ['ladder', 'adjustable-wrench', 'helper'],
    triggers: ['hard-freeze'],
  }),
  duty({
    code: 'evaporative-cooler-reopen',
    title: 'Uncover and start the {swamp cooler}',
    why: 'Cover and drained line must be undone, and leaks show now.',
    appliesTo: ['evaporative-cooler'],
    when: { climate: 'freezes' },
    minutes: 60,
    doers: ['helper', 'trade'],
    setUps: ['ladder'],
    pair: { state: 'evaporative-cooler', half: 'opens' },
    steps: {
      first: ['Freezing past.'],
      work: [
        ['Cover off with a helper, fold and store it.', 'falls'],
        'Reconnect the line.',
        ['Water on; look for drips on roof and ceiling.', 'flooding'],
      ],
      closeOut: ['Done: marked as open.'],
    },
    judge: { sound: 'No drip.', act: 'A leak.' },
    schools: [
      school(
        'before-cooling',
        'Before the first heat, freezing over',
        'Owners in high dry country.',
        'Always.',
        season('coolingStart', -21),
      ),
      school(
        'freezing-over',
        'As soon as freezing is over',
        'Others: leaks show in time.',
        'A roof that leaked before.',
        season('lastFreeze', 7),
      ),
    ],
    defaultSchool: 'before-cooling',
    defaultBecause: 'It is wanted when the heat comes.',
    handy: ['outdoor-tap-reopen'],
    tools: ['ladder', 'helper'],
  }),
];
