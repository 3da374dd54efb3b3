import type { Practice } from '../../practice/practice.ts';
import { act, every, first, look, lookThen, practicesOf, school, sound, stop, watch } from './build.ts';

const { duty, habit, response } = practicesOf('sewage');

const visitRule = every(6, 'months', 60);
const visitSchools = [
  school(
    'with-the-visit',
    'Every six months, with the detailed visit',
    'Licensed contractors: all checks in one visit.',
    'Most plants.',
    visitRule,
  ),
  school(
    'quarterly',
    'Quarterly',
    'Health departments with strict rules.',
    'Heavy load or a poor record.',
    every(3, 'months', 30),
    { trait: 'busy-household' },
  ),
];
const visit = {
  schools: visitSchools,
  defaultSchool: 'with-the-visit',
  defaultBecause: 'One visit does them all; the contract or local rule comes first.',
} as const;

/** On-site sewage. */
export const sewage: readonly Practice[] = [
  duty({
    code: 'aerobic-quick-look',
    title: 'Look, listen and smell at the {treatment plant}',
    why: 'Failed treatment lets out water that carries dysentery, hepatitis, typhoid and more, and kills streams.',
    appliesTo: ['treatment-plant'],
    lifeSafety: true,
    minutes: 5,
    steps: {
      work: [
        {
          says: 'Smell.',
          looks: [
            look(
              'smell',
              'How does it smell?',
              sound('musty', 'Earthy or hardly at all'),
              act('stinks', 3, 'It stinks of sewage or rotten eggs', 'aerobic-timer-check'),
            ),
          ],
        },
        {
          says: 'Listen for the blower, and look for bubbles while it runs.',
          looks: [
            look(
              'blower',
              'Does the blower run?',
              sound('runs', 'It runs, and there are bubbles'),
              act('no-bubbles', 3, 'It runs, but there are no bubbles', 'aerobic-timer-check'),
              act('silent', 1, 'It is silent when it should run', 'aerobic-timer-check'),
            ),
          ],
        },
        {
          says: 'Look at the outfall; keep children off, wash hands.',
          cautions: ['sewage-infection'],
          looks: [
            look(
              'outfall',
              'How is the water at the outfall?',
              sound('clear', 'Clear'),
              act('gray', 3, 'Gray or cloudy', 'aerobic-timer-check'),
              stop('black', 'Black water, or solids: keep everyone away'),
            ),
          ],
        },
      ],
      closeOut: ['Wash your hands.'],
    },
    judge: {
      sound: 'Clear outfall, blower heard, bubbles, no stink.',
      act: 'Any one of: bad smell, silent blower, no bubbles with it running, black or gray water or solids at the outfall.',
    },
    schools: [
      school('weekly', 'Weekly', 'A usual starting value for looks in passing.', 'Always.', every(7, 'days')),
      school(
        'monthly',
        'Monthly',
        'The monthly checklist.',
        'Under contract, with an alarm light.',
        every(1, 'months'),
        { fact: 'contract', is: true },
      ),
    ],
    defaultSchool: 'weekly',
    defaultBecause: 'A blower can stop any day.',
    leadsTo: ['aerobic-timer-check'],
  }),
  duty({
    code: 'aerobic-lid-baffle-elbow-check',
    title: 'Check lids, baffles, elbow and water level',
    why: 'Broken lids endanger people and let water in; missing baffles let scum through.',
    appliesTo: ['treatment-plant'],
    lifeSafety: true,
    minutes: 20,
    doers: ['trade', 'self'],
    steps: {
      work: [
        {
          says: 'Look at the lids. Never enter or lean in, never alone by an open tank; someone fallen in: call, never follow.',
          facts: ['lids', 'chambers'],
          cautions: ['open-tank', 'sewage-infection'],
          looks: [
            look(
              'lids',
              'How are the lids?',
              sound('safe', 'Whole, fast and within reach'),
              act('loose', 3, 'A screw or a seal is missing'),
              stop('broken', 'Cracked or broken: fence it off, nobody goes near'),
            ),
          ],
        },
        {
          says: 'Look at the baffles between the chambers.',
          looks: [
            look(
              'baffles',
              'How are the baffles?',
              sound('in-order', 'In their place and whole'),
              act('missing', 30, 'One is broken or missing: scum gets through', 'aerobic-pump-out'),
            ),
          ],
        },
        {
          says: 'Look for the skimmer elbow at the outlet.',
          looks: [
            look(
              'elbow',
              'Is the elbow in place?',
              sound('in-place', 'In place'),
              act('missing', 14, 'Loose or missing'),
            ),
          ],
        },
        {
          says: 'Compare the water level with the elbow.',
          looks: [
            look(
              'level',
              'How high does the water stand?',
              sound('half', 'Half-way up the elbow, at the bottom of the outlet'),
              act('higher', 3, 'Higher: it does not drain', 'septic-saturation-response'),
              act('lower', 14, 'Lower: it leaks somewhere'),
            ),
          ],
        },
      ],
      closeOut: ['Lids back at once; log; wash.'],
    },
    judge: {
      sound: 'Level half-way up the elbow, at the bottom of the outlet.',
      act: 'Higher: it does not drain. A cracked lid.',
    },
    ...visit,
    handy: [
      'aerobic-layer-measure',
      'aerobic-timer-check',
      'aerobic-blower-service',
      'aerobic-aeration-chamber-check',
    ],
    tools: ['gloves', 'flashlight'],
  }),
  duty({
    code: 'aerobic-layer-measure',
    title: 'Measure scum, clear water and sludge',
    why: 'Solids that outgrow the clear layer carry over and clog what follows.',
    appliesTo: ['treatment-plant'],
    minutes: 30,
    doers: ['trade', 'self'],
    steps: {
      first: [['Lid opened safely; never lean in, never alone.', 'open-tank', 'sewage-infection']],
      work: [
        { says: 'Scum thickness.', reads: ['scum-depth'] },
        { says: 'Sludge depth.', facts: ['depthMm'], reads: ['sludge-depth'] },
        { says: 'The rest is clear.', reads: ['clear-depth'] },
      ],
      closeOut: ['Three numbers noted; lid back; wash.'],
    },
    judge: {
      sound: 'Well inside all limits.',
      watch: 'Near one.',
      act: 'Scum + sludge over the clear depth, sludge over about {12 in|300 mm}, scum over {6 in|150 mm}: pump.',
      stop: 'Sewage backing up.',
    },
    notes: ['Growth a month gives the next pump-out: (limit − depth) ÷ growth.'],
    schools: [
      school('yearly', 'Yearly', 'A usual starting value.', 'Always.', every(1, 'years')),
      school(
        'half-yearly',
        'Every six months',
        'Contractors: with each detailed visit.',
        'Heavy load, or near a limit.',
        every(6, 'months'),
        { trait: 'busy-household' },
      ),
    ],
    defaultSchool: 'yearly',
    defaultBecause: 'Solids gather slowly.',
    handy: ['aerobic-lid-baffle-elbow-check'],
    leadsTo: ['aerobic-pump-out'],
    tools: ['sludge-stick', 'gloves'],
  }),
  duty({
    code: 'aerobic-pump-out',
    title: 'Have the septic tank pumped',
    why: 'Settled solids are never eaten up.',
    appliesTo: ['treatment-plant', 'septic-tank'],
    // Never on a guess: with no record of the last one it is measured first.
    when: { known: 'last-pumped' },
    minutes: 20,
    doers: ['trade'],
    lead: { days: 14 },
    steps: {
      first: [
        {
          says: 'Book a licensed hauler. Not on your own decision in soaked ground: the tank can float.',
          cautions: ['buoyant-tank', 'sewage-infection', 'open-tank'],
          facts: ['hauler', 'last-pumped'],
        },
      ],
      work: ['Both first chambers pumped.', 'Upflow filter backwashed in the same visit.'],
      closeOut: ['Receipt, date.'],
    },
    judge: { act: 'By measure or by time.' },
    schools: [
      school(
        'three-to-five-years',
        'Every four years',
        'Haulers: the old rule of three to five.',
        'Nobody measures.',
        every(4, 'years', 365),
        { fact: 'measured', is: false },
      ),
      school(
        'heavy-load',
        'Every three years',
        'Haulers: sooner with a heavy load.',
        'Many people, a grinder.',
        every(3, 'years', 365),
        { any: [{ trait: 'garbage-grinder' }, { trait: 'busy-household' }] },
      ),
      school(
        'measured-with-backstop',
        'By measured layers, four years at the outside',
        'The layers decide, the calendar stands behind.',
        'Layers are measured.',
        first(lookThen(every(1, 'years'), { finding: 'layers-over-limit' }, 30), every(4, 'years')),
        { fact: 'measured', is: true },
      ),
    ],
    defaultSchool: 'three-to-five-years',
    defaultBecause: 'The backstop everyone keeps; measuring makes it later or sooner.',
    factors: [
      { code: 'garbage-grinder', value: 0.67 },
      { code: 'busy-household', value: 0.75 },
    ],
    bound: ['aerobic-upflow-filter'],
    triggers: ['slow-drains-after-rain'],
  }),
  duty({
    code: 'aerobic-timer-check',
    title: 'Check the blower’s timer',
    why: 'Bacteria need air in cycles; rests let solids settle.',
    appliesTo: ['treatment-plant'],
    minutes: 10,
    doers: ['self', 'trade'],
    steps: {
      work: [
        {
          says: 'See that the small gear turns; dry hands at the box.',
          cautions: ['shock'],
          facts: ['timer'],
        },
        { says: 'Read the on-off setting.', reads: ['blower-minutes'] },
        'Motor idle: call; only a trained inspector trips the timer by hand.',
        'Hear it start.',
      ],
      closeOut: ['Log; wash hands.'],
    },
    judge: {
      sound: '8 to 10 minutes in each half hour; the gear turns, it starts.',
      watch: 'Another setting.',
      act: 'Gear still, or the motor stays dead.',
    },
    ...visit,
    handy: ['aerobic-blower-service'],
  }),
  duty({
    code: 'aerobic-blower-service',
    title: 'Service the blower',
    why: 'No air, no treatment.',
    appliesTo: ['treatment-plant'],
    minutes: 20,
    doers: ['self', 'trade'],
    setUps: ['power-off'],
    steps: {
      first: [['Power off.', 'shock']],
      work: [
        'Air filter clean and sound.',
        [
          'Look for nests of rodents or insects, gloves on; pull weeds and leaves.',
          'animals',
          'sewage-infection',
        ],
        'Oil old motors.',
        'Start. Jet types are delicate: the trade’s.',
      ],
      closeOut: ['Log type and date.'],
    },
    judge: { sound: 'Steady.', act: 'Noisy or weak.' },
    ...visit,
    handy: ['aerobic-timer-check', 'aerobic-aeration-chamber-check'],
    tools: ['gloves', 'brush'],
  }),
  duty({
    code: 'aerobic-aeration-chamber-check',
    title: 'Look at the aeration chamber’s water',
    why: 'Color and churn show that the bacteria live.',
    appliesTo: ['treatment-plant'],
    minutes: 10,
    steps: {
      work: [
        {
          says: 'With the motor running, look at how the water moves. Never lean in; lid back at once.',
          cautions: ['open-tank', 'sewage-infection'],
          looks: [
            look(
              'churn',
              'Does it churn?',
              sound('churns', 'It churns and bubbles all over'),
              watch('weak', 'Weak bubbles', 'aerobic-blower-service'),
              act('still', 1, 'It stands still', 'aerobic-timer-check'),
            ),
          ],
        },
        { says: 'Look at the color and smell it.', reads: ['second-chamber'] },
      ],
      closeOut: ['Log; wash hands.'],
    },
    judge: { sound: 'Chocolate brown.', act: 'Gray, or a strong odor.' },
    ...visit,
    handy: ['aerobic-blower-service'],
  }),
  duty({
    code: 'aerobic-upflow-filter',
    title: 'Look at and backwash the upflow filter',
    why: 'Sludge in it stops the clean flow.',
    appliesTo: ['treatment-plant'],
    when: { fact: 'upflow-filter', is: true },
    minutes: 15,
    doers: ['trade'],
    steps: {
      work: [
        ['Free of sludge? Gloves; never lean in.', 'sewage-infection', 'open-tank'],
        'Bubbles while the blower runs?',
        'Backwash at the pump-out.',
      ],
      closeOut: ['Log.'],
    },
    judge: { sound: 'Clean and bubbling.', watch: 'Weak bubbles.', act: 'Sludge.' },
    schools: [
      school(
        'with-pump-out',
        'With each pump-out',
        'Haulers: the truck is there.',
        'Always.',
        every(4, 'years', 365),
      ),
    ],
    defaultSchool: 'with-pump-out',
    defaultBecause: 'It is bound to it.',
    bound: ['aerobic-pump-out'],
  }),
  duty({
    code: 'aerobic-chlorine-tablets',
    title: 'Keep chlorine tablets in the stream',
    why: 'They disinfect what flows out.',
    appliesTo: ['treatment-plant'],
    when: { fact: 'chlorinator', is: true },
    minutes: 10,
    supplies: [{ supply: 'chlorine-tablets', quantity: 2 }],
    steps: {
      first: [['Gloves, eye protection; never mix chemicals.', 'mixed-chemicals', 'poison-tablets']],
      work: [
        'Look in the tube.',
        [
          'Top up with tablets made for wastewater: pool tablets can ignite.',
          'sewage-infection',
          'fire-load',
        ],
      ],
      closeOut: ['Stock noted; wash.'],
    },
    judge: { sound: 'Tablets wetted.', act: 'Empty.' },
    schools: [school('monthly', 'Monthly, by level', 'Inspectors.', 'Always.', every(1, 'months'))],
    defaultSchool: 'monthly',
    defaultBecause: 'A usual starting value; the level decides.',
    handy: ['aerobic-quick-look'],
    tools: ['gloves', 'eye-protection'],
  }),
  habit({
    code: 'wastewater-load-spread',
    title: 'Spread the laundry over the week',
    why: 'A rush pushes waste through untreated and brings the pumping sooner.',
    appliesTo: ['treatment-plant', 'septic-tank'],
    minutes: 1,
    steps: {
      work: [
        { says: 'Spread laundry over the week.', reads: ['laundry-loads'] },
        'Shorter showers.',
        'Flow restrictors.',
        ['Low-flush toilets; less when the ground is soaked.', 'sewage-infection'],
      ],
    },
    judge: {
      sound: 'One or two loads a day.',
      watch: 'Three or four.',
      act: 'Half the plant’s daily capacity or more.',
    },
    notes: ['Loads × {40 gal|150 L} ÷ capacity; four loads on {450 gal|1700 L} are 36 %.'],
    handy: ['full-load-running', 'shower-head-swap'],
    triggers: ['heavy-rain'],
  }),
  habit({
    code: 'drain-discipline',
    title: 'Keep harm out of the drains',
    why: 'Solids fill the first chamber; oils and poisons kill the bacteria; trash breaks parts.',
    appliesTo: ['treatment-plant', 'septic-tank'],
    minutes: 1,
    steps: {
      work: [
        [
          'Never: grinder waste, coffee grounds, cloth, paper but toilet tissue, rubber or plastic and “flushable” goods, cat litter, oils, poisons, paint, chemicals, much bleach.',
          'sewage-infection',
        ],
      ],
    },
    judge: { watch: 'Items seen: remind the household, log.' },
    notes: ['Vinegar rather than bleach in a condensate line that drains to the plant.'],
    handy: ['condensate-line-treat'],
  }),
  duty({
    code: 'aerobic-service-contract',
    title: 'Renew the plant’s service contract',
    why: 'Owners miss the finer checks.',
    appliesTo: ['treatment-plant'],
    minutes: 30,
    doers: ['trade', 'self'],
    steps: {
      work: [
        'Ask the health department for licensed contractors; its sanitarians can tell the system and whether it works.',
        'Compare.',
        ['Sign.', 'sewage-infection'],
      ],
      closeOut: ['File the reports.'],
    },
    judge: { sound: 'A report on file.' },
    notes: ['Owner or contract? Both: early warning and skill.'],
    schools: [
      school('yearly-renewal', 'Each year', 'Contractors and most rules.', 'Always.', every(1, 'years')),
      school(
        'two-yearly',
        'Every two years',
        'Owners where the rule allows it.',
        'A two-year contract.',
        every(2, 'years'),
        { fact: 'contract-years', is: 2 },
      ),
    ],
    defaultSchool: 'yearly-renewal',
    defaultBecause: 'The usual term.',
    handy: ['aerobic-layer-measure'],
  }),
  response({
    code: 'septic-saturation-response',
    title: 'Slow drains in soaked ground',
    why: 'Ground that is full takes no water; a sound tank may back up.',
    appliesTo: ['septic-tank', 'treatment-plant'],
    minutes: 15,
    doers: ['trade', 'self'],
    steps: {
      first: ['Cut water use.'],
      work: [
        'Note which drains are slow.',
        [
          'Arrange pumping and inspection by a professional: a tank emptied in soaked soil may float; let them decide.',
          'buoyant-tank',
          'sewage-infection',
          'open-tank',
        ],
      ],
      closeOut: ['Log.'],
    },
    judge: { sound: 'Working.', watch: 'Slow.', act: 'Backing up.' },
    triggers: ['slow-drains-after-rain', 'heavy-rain'],
    leadsTo: ['wastewater-load-spread', 'aerobic-pump-out'],
  }),
  duty({
    code: 'septic-tank-inspect',
    title: 'Have the septic tank inspected and measured',
    why: 'Only the layers say whether it wants pumping; a tank that overflows ruins its field.',
    appliesTo: ['septic-tank'],
    minutes: 20,
    doers: ['trade'],
    lead: { days: 14 },
    steps: {
      first: [
        {
          says: 'A licensed hauler or inspector. Nobody leans in, nobody is alone at an open lid.',
          cautions: ['open-tank', 'sewage-infection'],
          facts: ['hauler'],
        },
      ],
      work: [
        { says: 'Scum and sludge measured.', reads: ['scum-depth', 'sludge-depth', 'clear-depth'] },
        {
          says: 'Look at the lids, and at the ground over tank and field.',
          looks: [
            look(
              'lids',
              'How are the lids?',
              sound('safe', 'Whole and fast'),
              stop('broken', 'Broken, or a hollow over the tank: fence it off, nobody goes near'),
            ),
            look(
              'field',
              'How is the ground over the field?',
              sound('dry', 'As dry as the rest of the yard'),
              watch('lush', 'Greener than the rest'),
              act('wet', 7, 'Wet, or it smells', 'septic-saturation-response'),
            ),
          ],
        },
        'The effluent filter cleaned, once a year.',
      ],
      closeOut: ['The numbers noted.'],
    },
    judge: {
      sound: 'Well inside all limits.',
      watch: 'Near one.',
      act: 'Scum + sludge over the clear depth, sludge over about {12 in|300 mm}, scum over {6 in|150 mm}: pump.',
      stop: 'Sewage backing up, a broken lid.',
    },
    schools: [
      school(
        'two-years',
        'Every two years',
        'Usual trade knowledge: the middle of one to three years.',
        'Most tanks.',
        every(2, 'years'),
      ),
      school(
        'yearly',
        'Every year',
        'Usual trade knowledge: heavy use.',
        'Many people, or a grinder.',
        every(1, 'years'),
        { any: [{ trait: 'garbage-grinder' }, { trait: 'busy-household' }] },
      ),
    ],
    defaultSchool: 'two-years',
    defaultBecause: 'A usual starting value; what is measured makes it sooner or later.',
    leadsTo: ['aerobic-pump-out'],
  }),
];
