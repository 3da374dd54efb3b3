import { quantity, usuallyNot, yesNo } from './fields.ts';
import { byBand, reading } from './reading.ts';
import { act, from, scale, sound, stop, watch } from './scale.ts';
import { duty, figure, judged, doNow, trade, unmet, type Figure } from './verdict.ts';

/** Seconds to a third-degree burn of an adult, by °F (US CPSC); children burn faster. */
export const SCALD_SECONDS = [
  [150, 2],
  [140, 6],
  [130, 30],
  [120, 300],
] as const;

/** The seconds of the hottest listed temperature reached; null below the list. */
export const scaldSeconds = (fahrenheit: number): number | null =>
  SCALD_SECONDS.find(([at]) => fahrenheit >= at)?.[1] ?? null;

/** Hot water at the tap nearest the heater after a minute's run: 120 °F at the tap is the usual aim. */
export const tapTemperature = reading({
  code: 'tap-temperature',
  system: 'water',
  fields: { tap: quantity('F', { min: 32, max: 212 }), 'ran-a-minute': yesNo, 'weak-immune': usuallyNot },
  schools: ['tap-120'],
  bands: {
    'tap-120': scale(
      act(7),
      from(110, watch),
      from(115, sound),
      from(122, watch),
      from(125, act(1)),
      from(140, stop),
    ),
  },
  bandUnit: 'F',
  recorded: {
    of: ['water-heater'],
    measures: { 'tap-temperature': { from: 'tap', unit: 'F' } },
    chart: { measure: 'tap-temperature', band: 'tap-120' },
  },
  judge: ({ values, band }) => {
    const said = figure('tap', values.tap, 'F');
    if (!values['ran-a-minute']) return unmet(['ran-a-minute'], [said]);
    const part = byBand(band('tap-120'), said);
    const seconds = scaldSeconds(values.tap);
    const figures: Figure[] = [said, ...(seconds === null ? [] : [figure('scald-seconds', seconds, 's')])];
    const hot = values.tap >= 122;
    return judged([part], {
      school: 'tap-120',
      figures,
      follows: [
        ...(part.verdict === 'stop' ? [doNow('no-bath-before-turned-down'), trade('plumbing')] : []),
        ...(part.verdict === 'sound'
          ? []
          : [
              doNow(hot ? 'turn-down-a-little' : 'turn-up-a-little'),
              duty('water-heater-temperature-set', part.days ?? 7),
            ]),
        ...(values['weak-immune'] ? [trade('doctor')] : []),
      ],
    });
  },
});
