/** Faults of weather files, and the sentences of the command line. */
export const files = {
  stationFile: {
    empty: 'It has no temperatures.',
    unreadable: 'It cannot be read: {why}',
    'too-few-winters': 'It has {winters} whole winters. At least {wanted} are needed.',
    'month-empty': 'Month {month} has no day with both a low and a high.',
    row: {
      columns: 'Line {row}: the columns are not those of a daily station file (“{value}”).',
      date: 'Line {row}, {column}: must be a real day, YYYY-MM-DD or YYYYMMDD, not “{value}”.',
      value:
        'Line {row}, {column}: must be whole tenths (of °C or mm) within what weather can be, not “{value}”.',
      place: 'Line {row}, {column}: must be a place on Earth, in degrees or metres, not “{value}”.',
      quotes: 'Line {row}: a quotation mark is missing or in the wrong place.',
      station: 'Line {row}, {column}: must be the same station as the lines before, not “{value}”.',
    },
  },
  cli: {
    window: '{earliest} to {latest}',
    missed: 'missed: {due}, closed {closedOn}',
    extra: 'extra: done {on}, when it was not due',
    retired: 'stopped',
    look: 'Check only. What you find decides whether more is needed.',
    bookBy: 'Book the trade by {on}.',
    orderBy: 'Order what it needs by {on}.',
    unit: '{duty}: {asset}',
    future: '{n} entry after {on} is left out | {n} entries after {on} are left out',
    fileMissing: '{file}: cannot be read: {why}',
    notJson: '{file}: is not JSON: {why}',
    fault: '{file}: {path}: {problem}',
    more: '… and {n} more',
    dateNeeded: '--on: must be a real day written YYYY-MM-DD, such as 2027-03-01, not “{value}”',
    formatNeeded: '--format: must be text or json, not “{value}”',
    climateUsage: "usage: npm run climate -- series.csv [--hemisphere north{'|'}south]",
    flagged:
      '1 value was marked as wrong in it and left out | {n} values were marked as wrong in it and left out',
    usage: "usage: npm run due -- house.json --on 2027-03-01 [--format text{'|'}json]",
    planUsage:
      "usage: npm run plan -- house.json --on 2027-03-01 [--weeks 53] [--moves n] [--seed n] [--seconds n] [--format text{'|'}json] [--write-problem file], or: npm run plan -- --problem file [--moves n] [--seed n] [--seconds n] [--format text{'|'}json]",
    notWithProblem: '--{option}: belongs to a house, not to --problem',
    wholeNeeded: '--{option}: must be a whole number from {least} to {most}, not “{value}”',
    cut: 'Stopped after {seconds} s: {tried} of {moves} changes were tried. Another machine may find another plan.',
    planWeek: 'Week from {from}: {minutes} of {budget}',
    planTask: '  {day}  {title} ({n} min, due {due}, cost {cost})',
    planTaskLate: '  {day}  {title} ({n} min, due {due}, late, cost {cost})',
    planUnplacedHead: 'No week is left to these:',
    planUnplaced: '  {title}: {why}',
    planWhy: {
      weather: 'too cold, too wet or too windy in every week it may be done in. A trade can do it.',
      skill: 'the household leaves such work to others. A trade can do it.',
      helper: 'it needs two people, and no helper is there in any week it may be done in. A trade can do it.',
      away: 'nobody is at home in any week it may be done in.',
      closed: 'every week it may be done in is closed.',
      order: 'it is done in order with “{other}”, and their weeks do not fit together.',
    },
    problemWhy: {
      blocked: ' -  {id}: every week is closed',
      order: ' -  {id}: no week fits with {with}',
    },
    planCost:
      'Cost in minutes: {all} (late {late}, due {due}, load {load}, set-ups {setups}, visits {visits}, supplies {supplies}, moved {moved})',
    planEffort: '{moves} changes were tried, seed {seed}.',
  },
};
