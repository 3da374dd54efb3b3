import type { Practice } from '../../practice/practice.ts';
import { act, after, every, first, look, practicesOf, school, season, sound, watch } from './build.ts';

const { duty } = practicesOf('water');

/** Whatever else carries water: sump, toilets, hoses, pressure, filters. */
export const plumbing: readonly Practice[] = [
  duty({
    code: 'sump-pump-test',
    title: 'Test the sump pump',
    why: 'A pump that stands for months is needed on the worst night of the year.',
    appliesTo: ['sump'],
    minutes: 15,
    steps: {
      first: [['Unplug it before reaching in. No water and cords together.', 'shock', 'flooding']],
      work: [
        'Pour water in until the float lifts: it runs, empties the pit and stops; nothing flows back.',
        'Once a year clean the pit and its inlet.',
        'Outside, the outlet is clear and not frozen.',
        'Test the backup battery, if it has one.',
      ],
      closeOut: ['Plugged in again. Log.'],
    },
    judge: { sound: 'Starts and stops.', act: 'Hums, or runs again and again: renew or repair it at once.' },
    schools: [
      school(
        'quarterly',
        'Each quarter, and before heavy rain',
        'Usual trade knowledge.',
        'Any sump.',
        first(every(3, 'months'), after(1, 'heavy-rain')),
      ),
    ],
    defaultSchool: 'quarterly',
    defaultBecause: 'A usual starting value.',
    tools: ['bucket'],
  }),
  duty({
    code: 'toilet-leak-test',
    title: 'Test the toilet for a silent leak',
    why: 'A flapper that leaks runs day and night and nobody hears it.',
    appliesTo: ['toilet'],
    minutes: 5,
    steps: {
      work: [
        'A little dye or a tablet in the cistern. No flush for 15 minutes.',
        'Color in the bowl: the flapper leaks.',
        'The base does not rock, its bolts are dry.',
      ],
      closeOut: ['Flush. Log.'],
    },
    judge: { sound: 'Clear water, base firm.', act: 'Color in the bowl, or a base that rocks.' },
    schools: [
      school(
        'yearly',
        'Once a year, and when the water bill is up',
        'Usual trade knowledge.',
        'Always.',
        first(every(1, 'years'), after(14, 'high-water-bill')),
      ),
    ],
    defaultSchool: 'yearly',
    defaultBecause: 'A usual starting value.',
    handy: ['interior-leak-watch'],
    triggers: ['high-water-bill'],
  }),
  duty({
    code: 'supply-hoses-look',
    title: 'Look at the water supply hoses',
    why: 'A burst washing machine hose floods a house in minutes.',
    appliesTo: ['plumbing'],
    minutes: 10,
    supplies: [],
    steps: {
      work: [
        {
          says: 'Washing machine, dishwasher, refrigerator water, toilets: feel along each hose.',
          cautions: ['flooding'],
          looks: [
            look(
              'hoses',
              'How are the hoses?',
              sound('even', 'Dry and even'),
              act('worn', 3, 'A bulge, rust or a crack: shut its valve and renew it'),
            ),
          ],
        },
        {
          says: 'Read or guess their age: rubber is renewed at five years, braided at eight to ten.',
          looks: [
            look(
              'age',
              'How old are they?',
              sound('young', 'Young enough'),
              watch('older', 'Rubber older than four years'),
              act('old', 30, 'Rubber older than five years, or braided older than ten'),
            ),
          ],
        },
      ],
      closeOut: ['Log.'],
    },
    judge: {
      sound: 'Dry, even, young enough.',
      watch: 'Rubber older than four years.',
      act: 'Bulge, rust, crack: shut its valve and renew it.',
    },
    schools: [
      school('half-yearly', 'Every six months', 'Usual trade knowledge.', 'Always.', every(6, 'months')),
    ],
    defaultSchool: 'half-yearly',
    defaultBecause: 'A usual starting value.',
    handy: ['interior-leak-watch'],
    tools: ['flashlight'],
  }),
  duty({
    code: 'main-pressure-read',
    title: 'Read the water pressure',
    why: 'Too much pressure wears out every valve and hose in the house.',
    appliesTo: ['water-main'],
    minutes: 5,
    steps: {
      work: [
        {
          says: 'All water off in the house. Gauge on an outside {faucet}, open it, read it.',
          reads: ['water-pressure'],
        },
        'Leave it overnight once: a needle that has crept up means the expansion tank.',
      ],
      closeOut: ['Log.'],
    },
    judge: {
      sound: '{40 to 80 psi|2.8 to 5.5 bar}.',
      watch: 'Below {40 psi|2.8 bar}.',
      act: 'Over {80 psi|5.5 bar}: a pressure regulator, a trade.',
    },
    schools: [school('yearly', 'Once a year', 'Usual trade knowledge.', 'Always.', every(1, 'years'))],
    defaultSchool: 'yearly',
    defaultBecause: 'A usual starting value.',
    tools: ['pressure-gauge'],
  }),
  duty({
    code: 'backflow-test',
    title: 'Have the backflow preventer tested',
    why: 'It keeps garden water out of the drinking water; many water suppliers ask for the test.',
    appliesTo: ['irrigation'],
    when: { fact: 'testable-preventer', is: true },
    minutes: 20,
    doers: ['trade'],
    lead: { days: 14 },
    steps: {
      work: ['A licensed tester tests it and sends the report to the water supplier.'],
      closeOut: ['The report kept.'],
    },
    judge: { sound: 'Passed.', act: 'Failed, or no report this year.' },
    schools: [
      school(
        'yearly',
        'Once a year, where the water supplier asks',
        'Usual trade knowledge.',
        'A testable preventer.',
        first(season('lastFreeze', 21), every(1, 'years')),
      ),
    ],
    defaultSchool: 'yearly',
    defaultBecause: 'Water suppliers ask for it yearly.',
    after: ['irrigation-reopen'],
  }),
  duty({
    code: 'water-filter-cartridge',
    title: 'Renew the water filter cartridge',
    why: 'A spent cartridge stops filtering, chokes the flow and grows germs.',
    appliesTo: ['water-filter'],
    minutes: 10,
    supplies: [{ supply: 'water-cartridge', quantity: 1 }],
    setUps: ['water-off'],
    steps: {
      first: [['Shut its water, or set its bypass; open a {faucet} to let the pressure go.', 'flooding']],
      work: [
        'Old cartridge out, housing wiped, seal greased.',
        { says: 'New one in, by its arrow.', facts: ['model'] },
      ],
      closeOut: ['Water on slowly, look for drips, run it as the label says. Date on the housing.'],
    },
    judge: { sound: 'Inside its months, good flow.', act: 'Past its months or gallons, or the flow drops.' },
    notes: ['Whichever comes first: the months or the gallons on its label.'],
    schools: [
      school(
        'six-months',
        'Every six months',
        'Usual trade knowledge.',
        'Unless its label says otherwise.',
        every(6, 'months'),
      ),
    ],
    defaultSchool: 'six-months',
    defaultBecause: 'A usual starting value; the label comes first.',
  }),
];
