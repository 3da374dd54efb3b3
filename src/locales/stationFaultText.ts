import type { StationFileFault } from '../core/formats/ghcnDaily.ts';
import type { Translate } from './speech.ts';

/** Faults of a station file, line by line: the row, the column and what would be right. */
export function stationFaultLines(t: Translate, fault: StationFileFault): string[] {
  switch (fault.code) {
    case 'empty':
      return [t('stationFile.empty')];
    case 'too-few-winters':
      return [t('stationFile.too-few-winters', { winters: fault.winters, wanted: fault.wanted })];
    case 'month-empty':
      return [t('stationFile.month-empty', { month: fault.month })];
    case 'rows': {
      const lines = fault.problems.map(({ code, row, column, value }) =>
        t(`stationFile.row.${code}`, { row, column, value }),
      );
      const more = fault.total - fault.problems.length;
      return more > 0 ? [...lines, t('cli.more', { n: more })] : lines;
    }
  }
}
