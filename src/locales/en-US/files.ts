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
  },
};
