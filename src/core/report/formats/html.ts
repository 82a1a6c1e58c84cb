/** A page about runs in one file: nothing is fetched, nothing runs in it, and it can be printed. */
import { createHash } from 'node:crypto';
import { familyOf } from '../../problem/codes.js';
import { durationText } from '../../value/measures.js';
import { xmlText } from '../../value/xml-attributes.js';
import type { Case } from '../cases.js';
import type { Facts, FailureGroup } from '../html/facts.js';
import type { CellState } from '../matrix.js';
import type { ReportFormat } from './report-format.js';

export const html: ReportFormat = {
  name: 'html',
  about: 'a page in one file, with figures',
  endings: ['.html', '.htm'],
  async *write(records) {
    const [{ factsOf }, { distribution, phaseBars, phaseKey, statusBars, timeline }, { style }] = await Promise.all([
      import('../html/facts.js'),
      import('../html/figures.js'),
      import('../html/style.js'),
    ]);
    const facts = await factsOf(records());
    const { all, statuses, first, slowest } = facts;
    const digest = createHash('sha256').update(style).digest('base64');
    const title = `${titleOf(facts)}: ${verdictOf(facts).word}`;
    yield `<!doctype html>\n<html lang="en"><head><meta charset="utf-8">
<meta http-equiv="Content-Security-Policy" content="default-src 'none'; style-src 'sha256-${digest}'; base-uri 'none'; form-action 'none'">
<meta name="viewport" content="width=device-width, initial-scale=1"><title>${xmlText(title)}</title><style>${style}</style></head><body><main>\n`;
    yield head(facts);
    yield walks(facts);
    if (facts.failed > 0) {
      yield `<h2 id="failures">Failures</h2>\n`;
      for (const group of facts.failures) yield* failures(group, labels(facts));
    }
    yield left(facts);
    if (all.count > 0) {
      yield `<h2>Times</h2><div class="figures"><div><h3>Response times</h3><div class="wide">${distribution(all)}</div>${percentiles(facts)}</div><div><h3>Statuses</h3>${statusBars(statuses).replace('<svg ', '<svg class="small" ')}</div></div>\n`;
      yield steps(facts);
      yield `<h3>Timeline${slowest.length > 0 ? ` of the first ${first.length} exchanges` : ''}</h3>${phaseKey}<div class="wide">${timeline(first)}</div>\n`;
      if (slowest.length > 0) yield `<h3>The slowest</h3><div class="wide">${phaseBars(slowest)}</div>\n`;
    }
    yield waits(facts);
    yield matrix(facts);
    yield given(facts);
    yield '</main></body></html>\n';
  },
};

const titleOf = ({ summary: { walks: all } }: Facts): string =>
  [...new Set(all.map(({ walked }) => walked))].slice(0, 5).join(', ') || 'Run';

type Label = (walked: string, name: string) => string;

/** Where several trails were walked, each name is said with its own. */
function labels({ summary: { walks: all } }: Facts): Label {
  const several = new Set(all.map(({ walked }) => walked)).size > 1;
  return (walked, name) => (several ? `${walked}: ${name}` : name);
}

function verdictOf({ summary: { ok, finished, interrupted } }: Facts): {
  readonly word: string;
  readonly kind: string;
} {
  if (ok) return { word: 'passed', kind: 'good' };
  if (finished) return { word: 'failed', kind: 'bad' };
  return { word: interrupted ? 'interrupted' : 'not finished', kind: 'wait' };
}

function head(facts: Facts): string {
  const { runs, summary, time, failed } = facts;
  const { word, kind } = verdictOf(facts);
  const environments = [...new Set(runs.map(({ environment }) => environment))];
  const { steps: counts, expectations, rows, undone, notUndone, throttled, triedAgain } = summary;
  const totals: readonly (readonly [string, string, string?])[] = [
    ...(rows ? [['rows', `${rows.ok} of ${rows.ok + rows.failed}`, rows.failed > 0 ? 'bad' : ''] as const] : []),
    ['steps', `${counts.ok} of ${counts.ok + counts.failed}`, counts.failed > 0 ? 'bad' : ''],
    ...(counts.skipped > 0 ? [['skipped', String(counts.skipped)] as const] : []),
    [
      'expectations met',
      `${expectations.met} of ${expectations.met + expectations.failed}`,
      expectations.failed > 0 ? 'bad' : '',
    ],
    ['time', durationText(time)],
    ...(throttled + triedAgain > 0 ? [['throttled, retried', `${throttled}, ${triedAgain}`, 'wait'] as const] : []),
    ...(undone + notUndone.length > 0
      ? [['undone', `${undone} of ${undone + notUndone.length}`, notUndone.length > 0 ? 'bad' : ''] as const]
      : []),
  ];
  const began = runs[0]?.at;
  return `<h1>${xmlText(titleOf(facts))}: <span class="${kind}">${word}</span></h1>
<p class="quiet">run ${xmlText(summary.runs.join(', '))}, environment ${xmlText(environments.join(', '))}${began === undefined ? '' : `, ${xmlText(began.replace('T', ' ').replace(/\.\d+Z$/, ' UTC'))}`}</p>
<dl class="totals">${totals.map(([name, value, mark = '']) => `<div><dt>${name}</dt><dd class="${mark}">${xmlText(value)}</dd></div>`).join('')}</dl>
${failed > 0 ? `<p><a href="#failures">${failed} ${failed === 1 ? 'failure' : 'failures'}</a></p>\n` : ''}`;
}

function walks({ summary: { walks: all } }: Facts): string {
  if (all.length < 2) return '';
  const rows = all.map((one) => {
    const word = one.ok ? mark('ok') : one.finished ? mark('failed') : mark('skipped', 'not finished');
    return `<tr><td>${word}</td><td>${xmlText(one.walked)}</td><td>${xmlText(one.environment)}</td><td class="number">${one.rows ? `${one.rows.ok} of ${one.rows.ok + one.rows.failed}` : ''}</td><td class="number">${one.steps.ok} of ${one.steps.ok + one.steps.failed}</td></tr>`;
  });
  return `<h2>Walks</h2><div class="wide"><table><thead><tr><th scope="col"></th><th scope="col">trail</th><th scope="col">environment</th><th scope="col" class="number">rows</th><th scope="col" class="number">steps</th></tr></thead><tbody>${rows.join('')}</tbody></table></div>\n`;
}

/** A sign, and the word for those who do not see it, or its colour. */
function mark(state: CellState, word: string = state === 'ok' ? 'passed' : state): string {
  const [sign, kind] = {
    ok: ['✓', 'good'],
    failed: ['✗', 'bad'],
    unreachable: ['⊘', 'wait'],
    skipped: ['–', 'none'],
    '': ['', ''],
  }[state] as [string, string];
  return sign === ''
    ? ''
    : `<span class="${kind}" title="${xmlText(word)}" role="img" aria-label="${xmlText(word)}">${sign}</span>`;
}

/** Of many that failed alike, the first is shown in full, and what came back of each. */
function* failures({ walked, step, expected, cases }: FailureGroup, label: Label): Generator<string> {
  const [first, ...others] = cases;
  if (!first) return;
  const count = others.length === 0 ? '' : ` (${cases.length} times)`;
  yield `<details${cases.length === 1 ? ' open' : ''}><summary>${xmlText(label(walked, others.length === 0 ? first.name : step))}${count}<br><span class="bad">${xmlText(first.lines[0] ?? '')}</span></summary><div>\n${told(first)}`;
  if (others.length > 0) {
    yield `<div class="wide"><table><caption>${expected === '' ? '' : `expected ${xmlText(expected)}`}</caption><thead><tr><th scope="col">where</th><th scope="col">status</th><th scope="col">found</th><th scope="col">echo</th></tr></thead><tbody>`;
    for (const one of cases)
      yield `<tr><td>${xmlText(placeOf(one, step))}</td><td>${one.record?.status ?? ''}</td><td>${xmlText(foundIn(one))}</td><td><code>${xmlText(one.record?.echo ?? '')}</code></td></tr>\n`;
    yield '</tbody></table></div>';
  }
  yield '</div></details>\n';
}

const placeOf = ({ name }: Case, step: string): string =>
  name.slice(0, name.length - step.length).replace(/: $/, '') || name;

const foundIn = ({ record, lines }: Case): string => {
  const found = record?.expectations.failed.map(({ place, found: what = 'nothing' }) => `${place} ${what}`) ?? [];
  return found.length > 0 ? found.join('; ') : (lines[0] ?? '');
};

function told({ record, lines, problem }: Case): string {
  const call =
    record?.method === undefined ? '' : `<p><code>${xmlText(`${record.method} ${record.url ?? ''}`)}</code></p>`;
  const code = problem
    ? `<p class="quiet">${xmlText(problem.code)}${familyOf(problem.code) === 'no-response' ? ', no usable response' : ''}</p>`
    : '';
  return `${call}<pre>${xmlText(lines.join('\n'))}</pre>${code}\n`;
}

function left({ summary: { notUndone, inDoubt } }: Facts): string {
  const list = (title: string, items: readonly string[]): string =>
    items.length === 0
      ? ''
      : `<h2>${title}</h2><ul>${items.map((item) => `<li>${xmlText(item)}</li>`).join('')}</ul>\n`;
  return (
    list('Not undone: what these made may still be there', notUndone) +
    list('In doubt: these may or may not have happened', inDoubt)
  );
}

function percentiles({ all }: Facts): string {
  const of = (share: number): string => durationText(all.at(share));
  return `<p>p50 ${of(0.5)}, p95 ${of(0.95)}, p99 ${of(0.99)}; from ${durationText(all.least)} to ${durationText(all.most)}, ${all.count} exchanges</p>`;
}

function steps(facts: Facts): string {
  const { steps: all } = facts;
  const label = labels(facts);
  const rows = all.map(({ walked, step, ok, failed, skipped, spread }) => {
    const times = spread.count === 0 ? ['', '', ''] : [0.5, 0.95, 0.99].map((share) => durationText(spread.at(share)));
    return `<tr><td>${xmlText(label(walked, step))}</td><td class="number">${ok}</td><td class="number${failed > 0 ? ' bad' : ''}">${failed}</td><td class="number">${skipped}</td>${times.map((one) => `<td class="number">${one}</td>`).join('')}</tr>`;
  });
  return `<div class="wide"><table><thead><tr><th scope="col">step</th>${['passed', 'failed', 'skipped', 'p50', 'p95', 'p99'].map((name) => `<th scope="col" class="number">${name}</th>`).join('')}</tr></thead><tbody>${rows.join('')}</tbody></table></div>\n`;
}

function waits({ waits: all, summary: { throttled, triedAgain, waited } }: Facts): string {
  if (all.size === 0 && throttled + triedAgain === 0) return '';
  const rows = [...all].map(
    ([host, one]) =>
      `<tr><td>${xmlText(host)}</td><td class="number">${one.count}</td><td class="number">${durationText(one.waited)}</td><td>${xmlText([...one.why].slice(0, 5).join(', '))}</td></tr>`,
  );
  const table =
    rows.length === 0
      ? ''
      : `<div class="wide"><table><thead><tr><th scope="col">host</th><th scope="col" class="number">waits</th><th scope="col" class="number">waited</th><th scope="col">why</th></tr></thead><tbody>${rows.join('')}</tbody></table></div>`;
  return `<h2>Throttling and waits</h2><p>${throttled} throttled, ${triedAgain} retried, waited ${durationText(waited)}</p>${table}\n`;
}

/** Hosts or rows of a matrix; of more those that deviate. */
const mostSubjects = 300;

function matrix({ matrix: { checks, subjects, deviations } }: Facts): string {
  if (subjects.length < 2 || checks.length === 0) return '';
  const deviating = new Set(deviations.map(({ subject }) => subject));
  const shown =
    subjects.length <= mostSubjects
      ? subjects
      : subjects.filter(({ name }) => deviating.has(name)).slice(0, mostSubjects);
  const more = subjects.length - shown.length;
  const rows = shown.map(
    ({ name, cells }) =>
      `<tr><th scope="row">${xmlText(name)}</th>${checks.map((check) => `<td class="cell">${mark(cells.get(check) ?? '')}</td>`).join('')}</tr>`,
  );
  const found = deviations
    .slice(0, mostSubjects)
    .map(
      ({ subject, check, place, expected, found: what, echo }) =>
        `<tr><td>${xmlText(subject)}</td><td>${xmlText(check)}</td><td>${xmlText(place)}</td><td>${xmlText(expected)}</td><td>${xmlText(what)}</td><td><code>${xmlText(echo)}</code></td></tr>`,
    );
  const table = `<div class="wide"><table><thead><tr><th scope="col"></th>${checks.map((check) => `<th scope="col" class="check">${xmlText(check)}</th>`).join('')}</tr></thead><tbody>${rows.join('')}</tbody></table></div>`;
  const list =
    found.length === 0
      ? ''
      : `<details><summary>${deviations.length} deviations</summary><div class="wide"><table><thead><tr>${['where', 'check', 'place', 'expected', 'found', 'echo'].map((name) => `<th scope="col">${name}</th>`).join('')}</tr></thead><tbody>${found.join('')}</tbody></table></div></details>`;
  return `<h2>Checks</h2>${rows.length === 0 ? '' : table}${more > 0 ? `<p class="quiet">and ${more} more without a deviation</p>` : ''}${list}\n`;
}

const longestValue = 200;

/** Where requests could go, and what walks were given. */
function given({ runs, given: all, summary: { walks: walked } }: Facts): string {
  const hosts = new Map(runs.flatMap((run) => (run.hosts ? [[run.environment, run.hosts.join(', ')] as const] : [])));
  const list = [...hosts].map(
    ([environment, names]) =>
      `<li>environment ${xmlText(environment)}: <code>${xmlText(names || 'no host')}</code></li>`,
  );
  const where = (one: Facts['given'][number]): string =>
    [...(walked.length > 1 ? [one.walked] : []), ...(hosts.size > 1 ? [one.environment] : [])].join(', ');
  const rows = all.flatMap((one) =>
    Object.entries(one.inputs).map(([name, value]) => {
      const text = typeof value === 'string' ? value : JSON.stringify(value);
      const shown = text.length > longestValue ? `${text.slice(0, longestValue)}…` : text;
      return `<tr><td>${xmlText(where(one))}</td><td>${xmlText(name)}</td><td><code>${xmlText(shown)}</code></td></tr>`;
    }),
  );
  if (list.length + rows.length === 0) return '';
  const table =
    rows.length === 0
      ? ''
      : `<div class="wide"><table><thead><tr><th scope="col"></th><th scope="col">input</th><th scope="col">value</th></tr></thead><tbody>${rows.join('')}</tbody></table></div>`;
  return `<h2>Inputs and environment</h2><ul>${list.join('')}</ul>${table}\n`;
}
