/** What of the records of parts is in the run that they make together. */
import type { RunRecord } from './run-record.js';

/**
 * Told the records of all parts, in any order.
 * @param run the name of the one run @returns the record as it is there; undefined for nothing
 */
export function recordsOfOne(run: string): (record: RunRecord) => RunRecord | undefined {
  const known = new Set<string>();
  const isFirst = (key: string): boolean => known.size < known.add(key).size;
  let of = 1;
  return (record) => {
    switch (record.event) {
      case 'run': {
        const { part, ...rest } = record;
        of = part?.of ?? of;
        return isFirst('run') ? { ...rest, run, resumed: false } : undefined;
      }
      case 'walk':
      case 'inputs':
        return isFirst(`${record.event} ${record.walk}`) ? record : undefined;
      case 'rows':
        return isFirst(`rows ${record.walk}`) ? { ...record, about: record.about * of } : undefined;
      // What each part came to: that of all is told at the end.
      case 'summary':
      case 'part':
      case 'table':
      case 'unfinished':
        return undefined;
      default:
        return record;
    }
  };
}
