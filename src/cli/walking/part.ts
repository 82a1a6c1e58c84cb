/** `--part 3/8`, or `--part auto`: the part that this process walks. */
import { Problem } from '../../core/problem/problem.js';
import type { PartOfRows } from '../../core/trail/rows/row-part.js';
import { ownMember } from '../../core/value/own-member.js';
import { wholeNumber } from '../options/whole-number.js';

type Environment = Readonly<Record<string, string | undefined>>;

/** Where schedulers put the number of a process, and how many there are, into the process environment. */
const schedulers: readonly {
  readonly name: string;
  readonly index: string;
  /** Of the first one. */
  readonly least: (env: Environment) => number;
  readonly count: string | undefined;
}[] = [
  {
    name: 'an array job of Slurm',
    index: 'SLURM_ARRAY_TASK_ID',
    least: (env) => Number(env.SLURM_ARRAY_TASK_MIN ?? 1),
    count: 'SLURM_ARRAY_TASK_COUNT',
  },
  { name: 'an indexed job of Kubernetes', index: 'JOB_COMPLETION_INDEX', least: () => 0, count: undefined },
  { name: 'parallel jobs of a CI server', index: 'CI_NODE_INDEX', least: () => 1, count: 'CI_NODE_TOTAL' },
];

/** @throws Problem usage */
export function partOf(
  given: string | undefined,
  of: string | undefined,
  by: string | undefined,
  env: Environment,
): PartOfRows | undefined {
  if (given === undefined) {
    const other = of !== undefined ? '--of' : by !== undefined ? '--part-by' : undefined;
    if (other === undefined) return undefined;
    throw new Problem('usage', { what: `${other} requires --part`, remedy: '--part 3/8, or --part auto' });
  }
  const count = of === undefined ? undefined : wholeNumber(of, '--of', { least: 1 });
  const found = given === 'auto' ? scheduled(env, count) : typed(given, count);
  if (found.part < 1 || found.part > found.of)
    throw new Problem('usage', {
      what: `there is no part ${found.part} of ${found.of}`,
      remedy: 'parts are counted from 1',
    });
  return { ...found, ...(by !== undefined && { by }) };
}

function typed(given: string, count: number | undefined): PartOfRows {
  const [, part, of] = /^(\d+)\/(\d+)$/.exec(given) ?? [];
  if (part === undefined || of === undefined || count !== undefined)
    throw new Problem('usage', {
      what: count === undefined ? `--part takes a part such as 3/8, not ${given}` : '--of requires --part auto',
      remedy: '--part 3/8 is the third of eight; --part auto asks the scheduler',
    });
  return { part: Number(part), of: Number(of) };
}

function scheduled(env: Environment, count: number | undefined): PartOfRows {
  const found = schedulers.find(({ index }) => ownMember(env, index) !== undefined && ownMember(env, index) !== '');
  if (!found)
    throw new Problem('usage', {
      what: '--part auto found no scheduler',
      cause: `none of ${schedulers.map(({ index }) => index).join(', ')} is set`,
      remedy: 'give the part: --part 3/8',
    });
  const of = count ?? Number(found.count && ownMember(env, found.count));
  if (!Number.isInteger(of) || of < 1)
    throw new Problem('usage', {
      what: `${found.name} does not say how many parts there are`,
      remedy: 'add --of NUMBER',
    });
  return { part: Number(ownMember(env, found.index)) - found.least(env) + 1, of };
}
