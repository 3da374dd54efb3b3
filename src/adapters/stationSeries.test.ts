import { describe, expect, test } from 'vitest';
import { daysFromCivil } from '../core/calendar/civilDate.ts';
import { simulatedStation } from '../core/climate/stations.ts';
import { readStationFile } from './stationSeries.ts';

const days =
  simulatedStation('mixed-humid')?.days(daysFromCivil(2000, 8, 1), daysFromCivil(2012, 7, 31)) ?? [];
const tenths = (value: number | undefined): string => String(Math.round((value ?? 0) * 10));
const HEADER =
  '"STATION","DATE","LATITUDE","LONGITUDE","ELEVATION","NAME","PRCP","PRCP_ATTRIBUTES","TMAX","TMAX_ATTRIBUTES","TMIN","TMIN_ATTRIBUTES"';
const dayLines = days.map(
  ({ date, low, high, rain }) =>
    `"XX000001","${date}","37.9","-91","190","FALLOW, XX","${tenths(rain)}",",,7","${tenths(high)}",",,7","${tenths(low)}",",,7"`,
);
const byDay = (lines: readonly string[] = dayLines): string => [HEADER, ...lines].join('\r\n');
const valueLines = days.flatMap(({ date, low, high, rain }) => {
  const compact = date.replaceAll('-', '');
  const line = (element: string, value: number | undefined) =>
    `XX000001,${compact},${element},${tenths(value)},,,7,`;
  return [line('TMAX', high), line('TMIN', low), line('PRCP', rain), `XX000001,${compact},TSUN,300,,,7,`];
});
/** The file with one line replaced; lines count from 1, the header being the first. */
const withLine = (line: number, text: string): string => {
  const lines = byDay().split('\r\n');
  lines[line - 1] = text;
  return lines.join('\r\n');
};

describe('a daily station file', () => {
  test('in both layouts gives the same climate', () => {
    const [day, value] = [readStationFile(byDay(), 'north'), readStationFile(valueLines.join('\n'), 'north')];
    if (!day.ok || !value.ok) throw new Error('not read');
    expect(day.value.climate).toMatchObject({ name: 'FALLOW, XX', latitude: 37.9, elevation: 190 });
    const { name: _day, latitude: _latitude, elevation: _elevation, ...figures } = day.value.climate;
    expect(value.value.climate).toMatchObject(figures);
  });

  test('values are tenths of a degree and of a millimetre', () => {
    const read = readStationFile(byDay(), 'north');
    const julys = days.filter(({ date }) => date.slice(5, 7) === '07').map(({ high = 0 }) => high);
    const mean = julys.reduce((sum, high) => sum + high, 0) / julys.length;
    expect(read.ok && Math.abs((read.value.climate.high[6] ?? 0) - mean)).toBeLessThan(0.06);
  });

  test('missing days and values are tolerated', () => {
    const holed = dayLines
      .filter((_, index) => index % 17 !== 0)
      .map((line, index) => (index % 29 === 0 ? line.replace(/"[^"]*",",,7"$/, '"",""') : line));
    expect(readStationFile(byDay(holed), 'north').ok).toBe(true);
  });

  test('a value with a quality flag is left out and counted', () => {
    const [first = ''] = dayLines;
    const flagged = first.replace(/"([^"]*)",",,7"$/, '"-890",",X,7"');
    const read = readStationFile(withLine(2, flagged), 'north');
    expect(read).toMatchObject({ ok: true, value: { flagged: 1 } });
  });

  test.each([
    [
      'a date that is none',
      '"XX000001","2000-13-41","1","1","1","F","0","","100","","50",""',
      'date',
      'DATE',
      '2000-13-41',
    ],
    [
      'a value that is no number',
      '"XX000001","2000-08-05","1","1","1","F","0","","warm","","50",""',
      'value',
      'TMAX',
      'warm',
    ],
    [
      'degrees instead of tenths',
      '"XX000001","2000-08-05","1","1","1","F","0","","31.5","","50",""',
      'value',
      'TMAX',
      '31.5',
    ],
    [
      'a temperature of no place on earth',
      '"XX000001","2000-08-05","1","1","1","F","0","","100","","-2000",""',
      'value',
      'TMIN',
      '-2000',
    ],
    [
      'another station',
      '"YY000002","2000-08-05","1","1","1","F","0","","100","","50",""',
      'station',
      'STATION',
      'YY000002',
    ],
    ['a line cut short', '"XX000001"', 'columns', 'DATE', 'XX000001'],
    [
      'a value in another base',
      '"XX000001","2000-08-05","1","1","1","F","0","","0x64","","50",""',
      'value',
      'TMAX',
      '0x64',
    ],
    [
      'a value with an exponent',
      '"XX000001","2000-08-05","1","1","1","F","0","","1e2","","50",""',
      'value',
      'TMAX',
      '1e2',
    ],
    [
      'a place beyond the pole',
      '"XX000001","2000-08-05","1","181","1","F","0","","100","","50",""',
      'place',
      'LONGITUDE',
      '181',
    ],
    [
      'cells past the last column',
      `${dayLines[4]},"x"`,
      'columns',
      'DATE',
      `${dayLines[4]},x`.replaceAll('"', '').slice(0, 60),
    ],
  ])('%s refuses the whole file, by row and column', (_what, line, code, column, value) => {
    expect(readStationFile(withLine(6, line), 'north')).toEqual({
      ok: false,
      error: { code: 'rows', problems: [{ code, row: 6, column, value }], total: 1 },
    });
  });

  test('a station beyond the pole is refused, one whose place nobody knows is not', () => {
    const placed = (latitude: string) =>
      byDay(dayLines.map((line) => line.replace('"37.9"', `"${latitude}"`)));
    expect(readStationFile(placed('-999.9'), 'north')).toMatchObject({ ok: true });
    const read = readStationFile(placed('97.9'), 'north');
    expect(read.ok ? null : read.error).toMatchObject({
      problems: expect.arrayContaining([
        { code: 'place', row: 2, column: 'LATITUDE', value: '97.9' },
      ]) as unknown,
    });
  });

  test('a quotation mark that is never closed refuses the file by its line', () => {
    const read = readStationFile(withLine(dayLines.length + 1, '"XX000001","2012-07-31","1'), 'north');
    expect(read.ok ? null : read.error).toMatchObject({
      problems: expect.arrayContaining([
        { code: 'quotes', row: dayLines.length + 1, column: '', value: '' },
      ]) as unknown,
    });
  });

  test('many bad rows are counted, and the first of them told', () => {
    const read = readStationFile(
      byDay(dayLines.slice(0, 50).map((line) => line.replace(/"2000-/, '"2000/'))),
      'north',
    );
    expect(read).toMatchObject({ ok: false, error: { code: 'rows', total: 50 } });
    expect(!read.ok && read.error.code === 'rows' && read.error.problems).toHaveLength(20);
  });

  test('nothing, or something else altogether, is named', () => {
    expect(readStationFile('', 'north')).toEqual({ ok: false, error: { code: 'empty' } });
    expect(readStationFile('hello', 'north')).toMatchObject({ ok: false, error: { code: 'rows' } });
    expect(readStationFile('STATION,DATE,SNWD\nXX,2000-01-01,3', 'north')).toMatchObject({
      ok: false,
      error: { problems: [{ code: 'columns', row: 1 }] },
    });
    expect(readStationFile(byDay(dayLines.slice(0, 800)), 'north')).toMatchObject({
      ok: false,
      error: { code: 'too-few-winters' },
    });
  });
});
