import { choice, usually } from './fields.ts';
import { reading, seen } from './reading.ts';
import { duty, judged, doNow } from './verdict.ts';

/** Paper shut in a door: it drags all round where the seal is tight. A threshold is turned a quarter at a time, then the paper again. */
export const doorPaper = reading({
  code: 'door-paper',
  system: 'shell',
  fields: {
    paper: choice('drags-all-round', 'slides-at-foot', 'slides-at-side', 'slides-at-head'),
    threshold: usually('fixed', 'screws'),
  },
  recorded: { of: ['door', 'garage-door'], measures: {} },
  judge: ({ values }) => {
    if (values.paper === 'drags-all-round') return judged([seen('sound', 'paper-drags')]);
    const foot = values.paper === 'slides-at-foot';
    return judged([seen('act', `paper-${values.paper}`, 30)], {
      follows:
        foot && values.threshold === 'screws'
          ? [doNow('quarter-turn'), duty('door-threshold-adjust', 30)]
          : [duty(foot ? 'door-sweep-replace' : 'weatherstrip-fit', 30)],
    });
  },
});
