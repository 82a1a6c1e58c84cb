/** What `for-each` goes through: a value, a range, the rows of a file, or the pages of a request. */
import type { MembersFile } from '../../collection/files/trail-file.js';
import { compileTree } from '../../expression/tree.js';
import { shortText } from '../../matcher/reading.js';
import { Problem } from '../../problem/problem.js';
import { moreSevere } from '../../problem/severity.js';
import { type PageCount, pagesOf } from '../../sending/pages.js';
import type { PreparedRequest } from '../../sending/prepare.js';
import type { Sent } from '../../sending/sending.js';
import { isValueMap, plain, type Value } from '../../value/written.js';
import { argumentsFor, evaluated, planArguments, walkEvaluation } from '../names/arguments.js';
import { fileRows, readyRows } from '../rows/registry.js';
import type { PlanContext, Walk } from '../step-kind.js';

export interface Member {
  readonly value: Value;
  readonly secret: boolean;
}

export interface MembersPlan {
  /** The request whose pages they are. */
  readonly request: PreparedRequest | undefined;
  /** The members as they come; what is secret about one is said of it. */
  read(walk: Walk, told: PagesTold): AsyncIterable<Member>;
}

/** What the pages said, once they were read. */
export interface PagesTold {
  sent?: Sent;
  pages?: PageCount;
}

/** @throws Problem about the file or the request that is named */
export async function planMembers(given: MembersFile, label: string, room: PlanContext): Promise<MembersPlan> {
  const path = [...room.path, 'for-each'];
  const where = room.yaml.position(path);
  if (typeof given === 'string' || Array.isArray(given)) {
    const tree = compileTree(given as Value, (inner) => room.yaml.position([...path, ...inner]), room.loads);
    return {
      request: undefined,
      async *read({ workspace, scope }) {
        const named = evaluated(tree, walkEvaluation(workspace, scope), `step ${label}`);
        for (const value of listOf(named?.value, label)) yield { value, secret: named?.secret === true };
      },
    };
  }
  if ('range' in given) {
    // From 1 to a count of nothing there is nothing: only who writes both numbers means to go down.
    const downward = given.range.every((end) => typeof end === 'number');
    const ends = given.range.map((end, index) =>
      compileTree(end, () => room.yaml.position([...path, 'range', index]), room.loads),
    );
    return {
      request: undefined,
      async *read({ workspace, scope }) {
        const evaluation = walkEvaluation(workspace, scope);
        const [from, to] = ends.map((end, index) =>
          wholeNumber(evaluated(end, evaluation, `step ${label}`)?.value, index, label),
        ) as [number, number];
        const step = from <= to || !downward ? 1 : -1;
        for (let value = from; step > 0 ? value <= to : value >= to; value += step) yield { value, secret: false };
      },
    };
  }
  if ('rows' in given) {
    readyRows(room.collection.root, given.rows, room.loads, room.yaml.position([...path, 'rows']));
    return {
      request: undefined,
      async *read({ workspace }) {
        for await (const value of fileRows(workspace.collection.root, given.rows)) yield { value, secret: false };
      },
    };
  }
  const prepared = await room.request(given.pages, 'for-each');
  if (!prepared.pages) {
    throw new Problem('file-shape', {
      what: `the request ${prepared.plan.name} has no pages`,
      where,
      remedy: 'say how its list comes in pages: `pages:` in the request file',
    });
  }
  const gives = planArguments(given.give, room, [...path, 'give']);
  return {
    request: prepared,
    async *read(walk, told) {
      const { workspace, scope, signal, row } = walk;
      const sending = {
        given: argumentsFor(gives, workspace, scope, label),
        caller: walkEvaluation(workspace, scope).names,
        signal,
        step: label,
        row,
      };
      for await (const { sent, items, count } of pagesOf(workspace, prepared, sending)) {
        told.sent = sent;
        told.pages = count;
        if (sent.problems.length > 0) {
          const why = sent.problems.reduce(moreSevere);
          throw new Problem(why.code, {
            what: `${why.what} (partial: ${count.items}${count.total === undefined ? '' : ` of ${count.total}`} items came before)`,
            cause: why.reason,
            remedy: why.remedy,
          });
        }
        for (const value of items) yield { value, secret: false };
      }
    },
  };
}

/** An end of a range; rows of CSV have texts. @throws Problem data-shape */
function wholeNumber(value: Value | undefined, index: number, label: string): number {
  const given = typeof value === 'string' ? value.trim() : plain(value ?? null);
  const number = given === '' || given === null ? Number.NaN : Number(given);
  if (Number.isSafeInteger(number)) return number;
  throw new Problem('data-shape', {
    what: `${label}: the range must ${index === 0 ? 'begin' : 'end'} with a whole number, not ${value === undefined ? 'nothing' : shortText(value)}`,
  });
}

/** A map is gone through by its members. @throws Problem data-shape */
function listOf(value: Value | undefined, label: string): readonly Value[] {
  if (Array.isArray(value)) return value as readonly Value[];
  if (isValueMap(value)) return Object.entries(value).map(([key, inner]) => ({ key, value: inner as Value }));
  throw new Problem('data-shape', {
    what: `${label}: for-each iterates over a list or a map, and got neither`,
    cause: value === undefined ? 'the value is omitted' : undefined,
    remedy: 'keep: {NAME: {at: PLACE, list: true}} keeps a list, even of one',
  });
}
