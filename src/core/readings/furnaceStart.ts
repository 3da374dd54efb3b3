import { choice, number, positive } from './fields.ts';
import { reading, seen } from './reading.ts';
import { figure, judged, doNow, trade } from './verdict.ts';

/** The stages of a furnace's start, in order. */
export const FURNACE_STAGES = [
  'call',
  'inducer',
  'pressure-switch',
  'igniter-glow',
  'gas-valve',
  'flame',
  'flame-sensed',
  'blower',
  'steady',
] as const;
export type FurnaceStage = (typeof FURNACE_STAGES)[number];

/** Stages whose time after the call is taken, each with the field that holds it. */
export const TIMED_STAGES = [
  'inducer',
  'pressure-switch',
  'igniter-glow',
  'gas-valve',
  'flame',
  'flame-sensed',
  'blower',
  'steady',
] as const satisfies readonly FurnaceStage[];
type TimedStage = (typeof TIMED_STAGES)[number];
export const timeOf = <S extends TimedStage>(stage: S): `at-${S}` => `at-${stage}`;

const seconds = positive('s', { max: 3_600, optional: true });

/** A furnace's start watched through the window: the first stage that does not come names its usual suspects. */
export const furnaceStart = reading({
  code: 'furnace-start',
  system: 'air',
  fields: {
    'last-seen': choice('none', ...FURNACE_STAGES),
    resets: number({ max: 50, otherwise: 0 }),
    'at-inducer': seconds,
    'at-pressure-switch': seconds,
    'at-igniter-glow': seconds,
    'at-gas-valve': seconds,
    'at-flame': seconds,
    'at-flame-sensed': seconds,
    'at-blower': seconds,
    'at-steady': seconds,
  },
  recorded: {
    of: ['furnace', 'air-handler'],
    measures: { 'start-to-blower': { from: 'at-blower', unit: 's' } },
  },
  judge: ({ values }) => {
    const reached = FURNACE_STAGES.indexOf(values['last-seen'] as FurnaceStage);
    const next = FURNACE_STAGES[reached + 1];
    const figures = [
      figure('stages-seen', reached + 1),
      ...TIMED_STAGES.flatMap((stage) => {
        const at = values[timeOf(stage)];
        return at === undefined ? [] : [figure(timeOf(stage), at, 's')];
      }),
    ];
    if (next === undefined) return judged([seen('sound', 'furnace-steady')], { figures });
    const part = seen('act', `no-${next}`, 1);
    if (values.resets > 1)
      return judged([seen('stop', 'reset-twice'), part], {
        figures,
        follows: [doNow('furnace-off'), trade('heating')],
      });
    return judged([part], { figures, follows: [doNow('one-reset-at-most'), trade('heating')] });
  },
});
