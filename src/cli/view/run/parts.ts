/** Whether the runs of parts covered every row once, for people. */
import type { PartsProof } from '../../../core/trail/record/parts-proof.js';
import type { Terminal } from '../../terminal/terminal.js';

const plural = (count: number, one: string): string => `${count} ${one}${count === 1 ? '' : 's'}`;

const listed = (rows: readonly number[], count: number): string =>
  `${plural(count, 'row')}: ${rows.join(', ')}${count > rows.length ? ' …' : ''}`;

export function proofText(proof: PartsProof, { out }: Pick<Terminal, 'out'>): string[] {
  const { walked, of, rows, once, missing, never, twice } = proof;
  const head = `${out.bold(walked)} in ${plural(of, 'part')}: `;
  if (proof.complete) return [`${head}${out.green('complete')}   ${plural(rows ?? 0, 'row')}, each walked once`];
  return [
    `${head}${out.red('incomplete')}   ${once}${rows === null ? '' : ` of ${rows}`} rows walked once`,
    ...(missing.length > 0 ? [`  missing: part ${missing.join(', ')}`] : []),
    ...proof.unfinished.map(({ part, run }) => `  part ${part} did not finish: echo-trail run --resume ${run}`),
    ...proof.differing.map((what) => `  the parts do not have the same ${what}`),
    ...(proof.neverCount > 0 ? [`  not walked: ${listed(never, proof.neverCount)}`] : []),
    ...(proof.twiceCount > 0 ? [`  walked twice: ${listed(twice, proof.twiceCount)}`] : []),
  ];
}
