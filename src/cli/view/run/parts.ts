/** Whether runs of parts were the whole, for people. */
import type { PartsProof } from '../../../core/trail/record/parts-proof.js';
import type { Terminal } from '../../terminal/terminal.js';

const plural = (count: number, one: string, many = `${one}s`): string => (count === 1 ? one : many);

const listed = (rows: readonly number[], count: number): string =>
  `${count} ${plural(count, 'row')}: ${rows.join(', ')}${count > rows.length ? ' …' : ''}`;

export function proofText(
  { walked, of, missing, unfinished, rows, once, never, twice, neverCount, twiceCount, differing, whole }: PartsProof,
  { out }: Pick<Terminal, 'out'>,
): string[] {
  const head = `${out.bold(walked)}, ${of} ${plural(of, 'part')}: `;
  if (whole) return [`${head}${out.green('whole')}, ${rows} ${plural(rows ?? 0, 'row')}, each once`];
  return [
    `${head}${out.red('not whole')}, ${once} ${plural(once, 'row')} once${rows === null ? '' : ` of ${rows}`}`,
    ...(missing.length > 0 ? [`  no run is here of ${plural(missing.length, 'part')} ${missing.join(', ')}`] : []),
    ...unfinished.map(({ part, run }) => `  part ${part} did not come to its end: echo-trail run --resume ${run}`),
    ...differing.map((what) => `  the ${what} ${what === 'rows' ? 'were' : 'was'} not the same in all parts`),
    ...(neverCount > 0 ? [`  not walked: ${listed(never, neverCount)}`] : []),
    ...(twiceCount > 0 ? [`  walked twice: ${listed(twice, twiceCount)}`] : []),
  ];
}
