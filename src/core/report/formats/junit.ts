/** JUnit XML as CI servers read it: a suite a walk, a case a step. */

import { attributes, xmlText } from '../../value/xml-attributes.js';
import { type Case, casesOf } from '../cases.js';
import type { Records, ReportFormat } from './report-format.js';

interface Suite {
  readonly first: Case;
  tests: number;
  failures: number;
  errors: number;
  skipped: number;
  /** Milliseconds. */
  time: number;
}

const suiteOf = ({ run, environment, walked, walk }: Case): string => [run, environment, walk, walked].join('\n');

export const junit: ReportFormat = {
  name: 'junit',
  about: 'JUnit XML, as CI servers read it',
  endings: ['.xml'],
  async *write(records) {
    // The head of each suite says what is in it, so that it is counted first.
    const suites = await counted(records);
    const all = [...suites.values()];
    const sum = (key: 'tests' | 'failures' | 'errors' | 'skipped' | 'time'): number =>
      all.reduce((total, one) => total + one[key], 0);
    yield '<?xml version="1.0" encoding="UTF-8"?>\n';
    yield `<testsuites${attributes({ tests: sum('tests'), failures: sum('failures'), errors: sum('errors'), time: seconds(sum('time')) })}>\n`;
    let open = '';
    for await (const one of casesOf(records())) {
      const key = suiteOf(one);
      const suite = suites.get(key);
      if (key !== open && suite) {
        if (open !== '') yield suiteEnd;
        yield suiteBegin(suite, [...suites.keys()].indexOf(key));
        open = key;
      }
      yield testcase(one);
    }
    if (open !== '') yield suiteEnd;
    yield '</testsuites>\n';
  },
};

async function counted(records: Records): Promise<Map<string, Suite>> {
  const suites = new Map<string, Suite>();
  for await (const one of casesOf(records())) {
    const key = suiteOf(one);
    const suite = suites.get(key) ?? { first: one, tests: 0, failures: 0, errors: 0, skipped: 0, time: 0 };
    suites.set(key, suite);
    suite.tests += 1;
    suite.time += one.record?.time ?? 0;
    if (one.state === 'skipped') suite.skipped += 1;
    else if (one.state === 'failed') suite[one.silent ? 'errors' : 'failures'] += 1;
  }
  return suites;
}

function suiteBegin({ first, tests, failures, errors, skipped, time }: Suite, id: number): string {
  const { walked, environment, run, at } = first;
  const facts = {
    name: walked,
    package: environment,
    id,
    timestamp: at.replace(/\.\d+Z?$|Z$/, ''),
    hostname: 'localhost',
    tests,
    failures,
    errors,
    skipped,
    time: seconds(time),
  };
  const properties = Object.entries({ run, environment }).map(
    ([name, value]) => `<property${attributes({ name, value })}/>`,
  );
  return ` <testsuite${attributes(facts)}>\n  <properties>${properties.join('')}</properties>\n`;
}

const suiteEnd = '  <system-out/>\n  <system-err/>\n </testsuite>\n';

function testcase({ walked, name, state, silent, lines, problem, record }: Case): string {
  const head = `  <testcase${attributes({ name, classname: walked.replaceAll('/', '.'), time: seconds(record?.time ?? 0) })}`;
  if (state === 'ok') return `${head}/>\n`;
  if (state === 'skipped') return `${head}><skipped/></testcase>\n`;
  const tag = silent ? 'error' : 'failure';
  const facts = { message: lines[0] ?? problem?.what ?? 'failed', type: problem?.code ?? 'failed' };
  return `${head}><${tag}${attributes(facts)}>${xmlText(lines.join('\n'))}</${tag}></testcase>\n`;
}

const seconds = (ms: number): string => (ms / 1000).toFixed(3);
