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
    'A heavy load, or problems before.',
    every(3, 'months', 30),
    { trait: 'busy-household' },
  ),
];
const visit = {
  schools: visitSchools,
  defaultSchool: 'with-the-visit',
  defaultBecause: 'One visit does them all. Your contract or local rules come first.',
} as const;

/** On-site sewage. */
export const sewage: readonly Practice[] = [
  duty({
    code: 'aerobic-quick-look',
    title: 'Look, listen and smell at the {treatment plant}',
    why: 'If the treatment fails, the water carries dangerous diseases and harms streams.',
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
          says: 'Look at the outlet. Keep children away.',
          cautions: ['sewage-infection'],
          looks: [
            look(
              'outfall',
              'How is the water at the outlet?',
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
      sound: 'The outlet is clear, the blower runs, there are bubbles, and it does not stink.',
      act: 'It smells bad, the blower is silent, there are no bubbles while it runs, or black or gray water or solids come out.',
    },
    schools: [
      school(
        'weekly',
        'Weekly',
        'This is a usual starting value for a short look.',
        'Always.',
        every(7, 'days'),
      ),
      school(
        'monthly',
        'Monthly',
        'The monthly checklist.',
        'You have a contract, and an alarm light.',
        every(1, 'months'),
        { fact: 'contract', is: true },
      ),
    ],
    defaultSchool: 'weekly',
    defaultBecause: 'A blower can stop on any day.',
    leadsTo: ['aerobic-timer-check'],
  }),
  duty({
    code: 'aerobic-lid-baffle-elbow-check',
    title: 'Check lids, baffles, elbow and water level',
    why: 'Broken lids are dangerous and let water in. Missing baffles let scum through.',
    appliesTo: ['treatment-plant'],
    lifeSafety: true,
    minutes: 20,
    doers: ['trade', 'self'],
    steps: {
      work: [
        {
          says: 'Look at the lids. Never enter the tank, lean into it or work there alone. If someone falls in, call for help and never follow.',
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
      closeOut: ['Put the lids back at once. Log it. Wash your hands.'],
    },
    judge: {
      sound: 'The water stands half-way up the elbow, at the bottom of the outlet.',
      act: 'The water is higher and does not drain, or a lid is cracked.',
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
    why: 'When the solids take up too much room, they flow on and clog what follows.',
    appliesTo: ['treatment-plant'],
    minutes: 30,
    doers: ['trade', 'self'],
    steps: {
      first: [
        ['Open the lid safely. Never lean in, and never work there alone.', 'open-tank', 'sewage-infection'],
      ],
      work: [
        { says: 'Measure how thick the scum is.', reads: ['scum-depth'] },
        { says: 'Measure how deep the sludge is.', facts: ['depthMm'], reads: ['sludge-depth'] },
        { says: 'The rest is clear water.', reads: ['clear-depth'] },
      ],
      closeOut: ['Note the three numbers. Put the lid back. Wash your hands.'],
    },
    judge: {
      sound: 'It is well within all limits.',
      watch: 'It is near a limit.',
      act: 'Scum and sludge together are deeper than the clear water, the sludge is over about {12 in|300 mm}, or the scum is over {6 in|150 mm}. Have it pumped.',
      stop: 'Sewage backs up.',
    },
    notes: ['How fast it grows shows when to pump next: (limit − depth) ÷ growth in a month.'],
    schools: [
      school('yearly', 'Yearly', 'This is a usual starting value.', 'Always.', every(1, 'years')),
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
    defaultBecause: 'Solids collect slowly.',
    handy: ['aerobic-lid-baffle-elbow-check'],
    leadsTo: ['aerobic-pump-out'],
    tools: ['sludge-stick', 'gloves'],
  }),
  duty({
    code: 'aerobic-pump-out',
    title: 'Have the septic tank pumped',
    why: 'The solids at the bottom never go away by themselves.',
    appliesTo: ['treatment-plant', 'septic-tank'],
    // Never on a guess: with no record of the last one it is measured first.
    when: { known: 'last-pumped' },
    minutes: 20,
    doers: ['trade'],
    lead: { days: 14 },
    steps: {
      first: [
        {
          says: 'Book a licensed pumping company. In soaked ground let them decide: the tank can float.',
          cautions: ['buoyant-tank', 'sewage-infection', 'open-tank'],
          facts: ['hauler', 'last-pumped'],
        },
      ],
      work: ['Have both first chambers pumped.', 'Have the upflow filter backwashed in the same visit.'],
      closeOut: ['Keep the receipt.'],
    },
    judge: { act: 'It was pumped when it was needed.' },
    schools: [
      school(
        'three-to-five-years',
        'Every four years',
        'Pumping companies: the old rule of three to five years.',
        'Nobody measures.',
        every(4, 'years', 365),
        { fact: 'measured', is: false },
      ),
      school(
        'heavy-load',
        'Every three years',
        'Pumping companies: sooner with a heavy load.',
        'Many people, or a garbage disposal.',
        every(3, 'years', 365),
        { any: [{ trait: 'garbage-grinder' }, { trait: 'busy-household' }] },
      ),
      school(
        'measured-with-backstop',
        'By the measured layers, after four years at the latest',
        'The layers decide. The calendar is a limit.',
        'When the layers are measured.',
        first(lookThen(every(1, 'years'), { finding: 'layers-over-limit' }, 30), every(4, 'years')),
        { fact: 'measured', is: true },
      ),
    ],
    defaultSchool: 'three-to-five-years',
    defaultBecause: 'Everyone agrees on this limit. Measuring makes it later or sooner.',
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
    why: 'The bacteria need air at times. In the pauses the solids settle.',
    appliesTo: ['treatment-plant'],
    minutes: 10,
    doers: ['self', 'trade'],
    steps: {
      work: [
        {
          says: 'Check that the small gear turns. Keep your hands dry.',
          cautions: ['shock'],
          facts: ['timer'],
        },
        { says: 'Read the times it is set to.', reads: ['blower-minutes'] },
        'If the motor does not run, call. Only a trained inspector turns the timer by hand.',
        'Listen to it start.',
      ],
      closeOut: ['Log it. Wash your hands.'],
    },
    judge: {
      sound: 'It runs 8 to 10 minutes in each half hour, the gear turns, and it starts.',
      watch: 'It has another setting.',
      act: 'The gear does not turn, or the motor does not start.',
    },
    ...visit,
    handy: ['aerobic-blower-service'],
  }),
  duty({
    code: 'aerobic-blower-service',
    title: 'Service the blower',
    why: 'Without air there is no treatment.',
    appliesTo: ['treatment-plant'],
    minutes: 20,
    doers: ['self', 'trade'],
    setUps: ['power-off'],
    steps: {
      first: [['Turn the power off.', 'shock']],
      work: [
        'Check that the air filter is clean and whole.',
        [
          'Wear gloves. Look for nests of rodents or insects. Pull out weeds and leaves.',
          'animals',
          'sewage-infection',
        ],
        'Oil the motor if it is an old one.',
        'Start it. Leave jet types to a technician.',
      ],
      closeOut: ['Log the type and the date.'],
    },
    judge: { sound: 'It runs steadily.', act: 'It is noisy or weak.' },
    ...visit,
    handy: ['aerobic-timer-check', 'aerobic-aeration-chamber-check'],
    tools: ['gloves', 'brush'],
  }),
  duty({
    code: 'aerobic-aeration-chamber-check',
    title: 'Look at the aeration chamber’s water',
    why: 'The color and the movement show that the bacteria are alive.',
    appliesTo: ['treatment-plant'],
    minutes: 10,
    steps: {
      work: [
        {
          says: 'While the motor runs, look at how the water moves. Never lean in. Put the lid back at once.',
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
      closeOut: ['Log it. Wash your hands.'],
    },
    judge: { sound: 'It is chocolate brown.', act: 'It is gray, or it smells strongly.' },
    ...visit,
    handy: ['aerobic-blower-service'],
  }),
  duty({
    code: 'aerobic-upflow-filter',
    title: 'Look at and backwash the upflow filter',
    why: 'Sludge in it stops the clean water.',
    appliesTo: ['treatment-plant'],
    when: { fact: 'upflow-filter', is: true },
    minutes: 15,
    doers: ['trade'],
    steps: {
      work: [
        ['Wear gloves and never lean in. Is it free of sludge?', 'sewage-infection', 'open-tank'],
        'Are there bubbles while the blower runs?',
        'Backwash it when the tank is pumped.',
      ],
      closeOut: ['Log it.'],
    },
    judge: {
      sound: 'It is clean and bubbles.',
      watch: 'The bubbles are weak.',
      act: 'There is sludge in it.',
    },
    schools: [
      school(
        'with-pump-out',
        'Each time the tank is pumped',
        'Pumping companies: the truck is there.',
        'Always.',
        every(4, 'years', 365),
      ),
    ],
    defaultSchool: 'with-pump-out',
    defaultBecause: 'It is done together.',
    bound: ['aerobic-pump-out'],
  }),
  duty({
    code: 'aerobic-chlorine-tablets',
    title: 'Check the chlorine tablets',
    why: 'They disinfect the water that flows out.',
    appliesTo: ['treatment-plant'],
    when: { fact: 'chlorinator', is: true },
    minutes: 10,
    supplies: [{ supply: 'chlorine-tablets', quantity: 2 }],
    steps: {
      first: [['Wear gloves and eye protection. Never mix chemicals.', 'mixed-chemicals', 'poison-tablets']],
      work: [
        'Look in the tube.',
        [
          'Fill it up with tablets made for wastewater. Pool tablets can catch fire.',
          'sewage-infection',
          'fire-load',
        ],
      ],
      closeOut: ['Log what you used. Wash your hands.'],
    },
    judge: { sound: 'The tablets are wet.', act: 'The tube is empty.' },
    schools: [school('monthly', 'Monthly, by level', 'Inspectors.', 'Always.', every(1, 'months'))],
    defaultSchool: 'monthly',
    defaultBecause: 'This is a usual starting value. The level decides.',
    handy: ['aerobic-quick-look'],
    tools: ['gloves', 'eye-protection'],
  }),
  habit({
    code: 'wastewater-load-spread',
    title: 'Spread the laundry over the week',
    why: 'Too much water at once pushes waste through untreated.',
    appliesTo: ['treatment-plant', 'septic-tank'],
    minutes: 1,
    steps: {
      work: [
        { says: 'Spread laundry over the week.', reads: ['laundry-loads'] },
        'Shorter showers.',
        'Fit flow restrictors.',
        ['Fit toilets that use little water. Use less when the ground is soaked.', 'sewage-infection'],
      ],
    },
    judge: {
      sound: 'You do one or two loads a day.',
      watch: 'You do three or four.',
      act: 'You use half of what the plant can treat in a day, or more.',
    },
    notes: ['Loads × {40 gal|150 L} ÷ capacity; four loads on {450 gal|1700 L} are 36 %.'],
    handy: ['full-load-running', 'shower-head-swap'],
    triggers: ['heavy-rain'],
  }),
  habit({
    code: 'drain-discipline',
    title: 'Keep grease, wipes and chemicals out of the drains',
    why: 'Solids fill the first chamber, oils and poisons kill the bacteria, and trash breaks parts.',
    appliesTo: ['treatment-plant', 'septic-tank'],
    minutes: 1,
    steps: {
      work: [
        [
          'Never put in: food waste, coffee grounds, cloth, wipes, any paper but toilet paper, rubber, plastic, cat litter, oil, poison, paint, chemicals, or a lot of bleach.',
          'sewage-infection',
        ],
      ],
    },
    judge: { watch: 'If you see any, remind everyone at home and log it.' },
    notes: ['Use vinegar, not bleach, in a condensate line that drains to the plant.'],
    handy: ['condensate-line-treat'],
  }),
  duty({
    code: 'aerobic-service-contract',
    title: 'Renew the plant’s service contract',
    why: 'Owners do not see everything.',
    appliesTo: ['treatment-plant'],
    minutes: 30,
    doers: ['trade', 'self'],
    steps: {
      work: [
        'Ask the health department for licensed contractors. It can also say which system you have and whether it works.',
        'Compare their offers.',
        ['Sign the contract.', 'sewage-infection'],
      ],
      closeOut: ['Keep the reports.'],
    },
    judge: { sound: 'There is a report.' },
    notes: ['Yourself or by contract? Both: you see problems early, and they have the skill.'],
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
    defaultBecause: 'It is the usual time.',
    handy: ['aerobic-layer-measure'],
  }),
  response({
    code: 'septic-saturation-response',
    title: 'Slow drains in soaked ground',
    why: 'Soaked ground takes no more water. Even a good tank may back up.',
    appliesTo: ['septic-tank', 'treatment-plant'],
    minutes: 15,
    doers: ['trade', 'self'],
    steps: {
      first: ['Use less water.'],
      work: [
        'Note which drains are slow.',
        [
          'Call a professional to inspect it. Let them decide whether to pump: an empty tank can float in soaked ground.',
          'buoyant-tank',
          'sewage-infection',
          'open-tank',
        ],
      ],
      closeOut: ['Log it.'],
    },
    judge: { sound: 'It drains.', watch: 'It drains slowly.', act: 'It backs up.' },
    triggers: ['slow-drains-after-rain', 'heavy-rain'],
    leadsTo: ['wastewater-load-spread', 'aerobic-pump-out'],
  }),
  duty({
    code: 'septic-tank-inspect',
    title: 'Have the septic tank inspected and measured',
    why: 'Only the layers show whether it needs pumping. A tank that overflows ruins its field.',
    appliesTo: ['septic-tank'],
    minutes: 20,
    doers: ['trade'],
    lead: { days: 14 },
    steps: {
      first: [
        {
          says: 'Book a licensed company or inspector. Nobody leans in, and nobody is alone at an open lid.',
          cautions: ['open-tank', 'sewage-infection'],
          facts: ['hauler'],
        },
      ],
      work: [
        {
          says: 'Have the scum and the sludge measured.',
          reads: ['scum-depth', 'sludge-depth', 'clear-depth'],
        },
        {
          says: 'Look at the lids, and at the ground over the tank and the field.',
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
        'Have the effluent filter cleaned once a year.',
      ],
      closeOut: ['Note the numbers.'],
    },
    judge: {
      sound: 'It is well within all limits.',
      watch: 'It is near a limit.',
      act: 'Scum and sludge together are deeper than the clear water, the sludge is over about {12 in|300 mm}, or the scum is over {6 in|150 mm}. Have it pumped.',
      stop: 'Sewage backs up, or a lid is broken.',
    },
    schools: [
      school(
        'two-years',
        'Every two years',
        'Usual: the middle of one to three years.',
        'Most tanks.',
        every(2, 'years'),
      ),
      school(
        'yearly',
        'Every year',
        'Usual with heavy use.',
        'Many people, or a garbage disposal.',
        every(1, 'years'),
        { any: [{ trait: 'garbage-grinder' }, { trait: 'busy-household' }] },
      ),
    ],
    defaultSchool: 'two-years',
    defaultBecause: 'This is a usual starting value. The measurements make it sooner or later.',
    leadsTo: ['aerobic-pump-out'],
  }),
];
