import { PRACTICES } from '../src/core/catalogue/catalogue.ts';
import { DISAGREEMENTS, type Disagreement } from '../src/core/catalogue/data/disagreements.ts';
import { HAZARDS } from '../src/core/catalogue/data/hazards.ts';
import { practiceSystemSchema } from '../src/core/practice/lists.ts';
import { SET_UP_MINUTES } from '../src/core/practice/planning.ts';
import type { Practice } from '../src/core/practice/practice.ts';
import { civil } from '../src/core/calendar/civilDate.ts';
import { findPractice } from '../src/core/catalogue/catalogue.ts';
import { formatsFor } from '../src/locales/format.ts';
import { gateName } from '../src/locales/gateText.ts';
import { plainTranslate } from '../src/locales/plain.ts';
import { ruleText } from '../src/locales/practiceText.ts';
import { nameIn, words, type Speech } from '../src/locales/speech.ts';

const speech: Speech = {
  t: plainTranslate('en-US'),
  formats: formatsFor('en-US'),
  today: civil('2026-11-24'),
  find: findPractice,
  wording: { vocabulary: 'en-US', units: 'us' },
  dutyTitle: (id) => id,
};
const { t } = speech;
const say = (text: string): string => words(speech, text);

/** The whole catalogue as one document to read; a test holds the one in the docs to it. */
export function catalogueDocument(): string {
  const systems = practiceSystemSchema.options.map((system) => {
    const practices = PRACTICES.filter((practice) => practice.system === system);
    return [`## ${t(`system.${system}`)}`, ...practices.map(practiceText)].join('\n\n');
  });
  return `${[HEAD, ...systems, hazardsText(), disagreementsText()].join('\n\n')}\n`;
}

const HEAD = `# The catalogue

Everything the application knows about upkeep, as its data say it (American wording and units; a home sees its own). Made from
\`src/core/catalogue/data/\` by \`npm run catalogue\`; a test compares. The maker's instructions, local codes and licensed practice come
first everywhere.`;

function practiceText(practice: Practice): string {
  const { code, title, kind, why, lifeSafety, minutes, doers } = practice;
  const facts = [
    t(`practiceKind.${kind}`),
    lifeSafety ? 'lives depend on it' : '',
    `about ${minutes} min`,
    doers.map((doer) => t(`doer.${doer}`)).join(' or '),
  ].filter((part) => part !== '');
  return [
    `### ${say(title)}`,
    `\`${code}\` · ${facts.join(' · ')}`,
    say(why),
    ...schoolLines(practice),
    ...stepLines(practice),
    ...judgeLines(practice),
    ...lineOf('Mistakes', practice.mistakes.map(say)),
    ...lineOf('Notes', practice.notes.map(say)),
    ...lineOf('For the plan', planningOf(practice)),
    ...lineOf('Goes with', goesWith(practice)),
  ].join('\n\n');
}

const lineOf = (name: string, parts: readonly string[]): string[] =>
  parts.length === 0 ? [] : [`**${name}:** ${parts.join(' ')}`];

function schoolLines(practice: Practice): string[] {
  if (practice.kind !== 'duty') return [];
  const lines = practice.schools.map(({ code, name, argues, rightWhen, rule }) => {
    const usual = code === practice.defaultSchool ? ` **(usual: ${say(practice.defaultBecause)})**` : '';
    return `- ${say(name)}: ${ruleText(speech, rule)}. ${say(argues)} Right: ${say(rightWhen)}${usual}`;
  });
  const gates = (practice.gates ?? []).map((gate) => gateName(speech, gate));
  const factors = practice.factors.map(({ code, value }) => `${nameIn(speech, 'factor', code)} ×${value}`);
  return [
    lines.join('\n'),
    ...lineOf('Only in', gates.length === 0 ? [] : [`${gates.join(', ')}.`]),
    ...lineOf('What wears it', factors.length === 0 ? [] : [`${factors.join(', ')}.`]),
  ];
}

const STAGES = { first: 'First', work: '', closeOut: 'Close', later: 'Later' } as const;

function stepLines({ steps }: Practice): string[] {
  const lines = steps.flatMap(({ at, says, cautions, reads, looks = [] }) => {
    const stage = STAGES[at] === '' ? '' : `*${STAGES[at]}.* `;
    const marks = [...cautions.map((hazard) => `⚠ ${hazard}`), ...reads.map((measure) => `reads ${measure}`)];
    return [
      `1. ${stage}${say(says)}${marks.length > 0 ? ` (${marks.join(', ')})` : ''}`,
      ...looks.map(
        ({ asks, choices }) =>
          `   - ${say(asks)} ${choices.map((one) => `*${one.verdict}* ${say(one.says)}`).join(' · ')}`,
      ),
    ];
  });
  return [lines.join('\n')];
}

function judgeLines({ judge }: Practice): string[] {
  const parts = (['sound', 'watch', 'act', 'stop'] as const).flatMap((verdict) => {
    const text = judge[verdict];
    return text === undefined ? [] : [`*${verdict}*: ${say(text)}`];
  });
  return parts.length === 0 ? [] : [parts.join(' · ')];
}

function planningOf({ planning, setUps, offered }: Practice): string[] {
  if (!planning) return [];
  const { consequence, outdoors, area, people, weather, noise, skills } = planning;
  const parts = [
    `${consequence} if left undone`,
    `${outdoors ? 'outdoors' : 'indoors'}, ${area}`,
    ...(people === 2 ? ['two people'] : []),
    ...weather.map((limit) => `weather for ${limit}`),
    ...(noise === 'loud' ? ['loud'] : []),
    ...skills.map((skill) => `asks for ${skill}`),
    ...setUps.map((setUp) => `${nameIn(speech, 'setUp', setUp)} ${SET_UP_MINUTES[setUp]} min`),
    ...(offered ? ['offered, not taken on'] : []),
  ];
  return [`${parts.join('; ')}.`];
}

function goesWith({ companions, after, covers, leadsTo, alternatives, pair }: Practice): string[] {
  const list = (name: string, codes: readonly string[]): string[] =>
    codes.length === 0 ? [] : [`${name} ${codes.map((code) => `\`${code}\``).join(', ')}.`];
  return [
    ...list('always', companions.bound),
    ...list('the same trip:', companions.handy),
    ...list('after', after),
    ...list('does as well', covers),
    ...list('leads to', leadsTo),
    ...(alternatives === undefined ? [] : [`One of the group ${alternatives}.`]),
    ...(pair === undefined
      ? []
      : [`${pair.half === 'closes' ? 'Shuts' : 'Opens'} ${nameIn(speech, 'state', pair.state)}.`]),
  ];
}

function hazardsText(): string {
  const lines = Object.entries(HAZARDS).map(
    ([hazard, { caution, stop }]) =>
      `- \`${hazard}\`: ${say(caution)}${stop === null ? '' : ` Stop: ${say(stop)}`}`,
  );
  return ['## Hazards', lines.join('\n')].join('\n\n');
}

function disagreementsText(): string {
  return ['## Where practitioners disagree', DISAGREEMENTS.map(disagreementLine).join('\n')].join('\n\n');
}

function disagreementLine(one: Disagreement): string {
  if ('schoolsOf' in one)
    return `- ${one.topic}: schools of ${one.schoolsOf.map((code) => `\`${code}\``).join(', ')}.`;
  if ('alternatives' in one) return `- ${one.topic}: the alternatives ${one.alternatives}.`;
  return `- ${one.topic}: ${one.choice}`;
}
