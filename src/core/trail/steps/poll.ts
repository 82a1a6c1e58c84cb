/** `poll`: a request is sent until its answer is as awaited. */
import type { PollStepFile } from '../../collection/files/trail-file.js';
import type { Received } from '../../exchange/received.js';
import { compileExpectations, type Expectation, judge } from '../../expectation/expectations.js';
import { compileKeeps } from '../../expectation/keeps.js';
import { Evaluation } from '../../expression/evaluation.js';
import { shortText } from '../../matcher/reading.js';
import { Problem } from '../../problem/problem.js';
import { durationText, parseDuration } from '../../value/measures.js';
import { giver, planGives, walkEvaluation } from '../giving.js';
import { pause } from '../pacing/tries.js';
import { secretsIn, secretsOf } from '../secrets-ahead.js';
import { sendRequest } from '../send.js';
import type { Sent } from '../sending.js';
import type { StepKind, Walk } from '../step-kind.js';

/** A growing pause grows no further, in milliseconds. */
const longestPause = 30_000;

export const poll: StepKind<PollStepFile> = {
  name: 'poll',
  fits: (file): file is PollStepFile => 'poll' in file,
  async plan(file, room) {
    const { yaml, path, loads, workspace } = room;
    const prepared = await room.request(file.poll, 'poll');
    const label = file.name ?? prepared.plan.name;
    const gives = planGives(file.give, room, [...path, 'give']);
    const { namespaces } = prepared.plan.content;
    const compiled = (key: 'until' | 'unless'): readonly Expectation[] =>
      compileExpectations(file[key], yaml, [...path, key], workspace.readText, loads, namespaces);
    const [until, unless] = [compiled('until'), compiled('unless')];
    const keeps = compileKeeps(file.keep, yaml, [...path, 'keep'], loads, namespaces);
    const sessions = file.session === undefined ? undefined : file.session === 'none' ? [] : [file.session].flat();
    const first = parseDuration(file.pause ?? '1s') as number;
    const within = parseDuration(file.within ?? '60s') as number;
    const growth = file.growth ?? 1;

    return {
      kind: 'poll',
      label,
      changes: prepared.plan.changes ? 1 : 0,
      requests: [prepared],
      secrets: [
        ...secretsIn(file.give, yaml, [...path, 'give']),
        ...secretsOf(
          workspace,
          workspace.collection.read('request', prepared.plan.name),
          sessions ?? prepared.plan.sessions,
          prepared.signer?.name,
        ),
      ],
      async walk(walk) {
        const started = performance.now();
        const seen: string[] = [];
        let wait = first;
        for (let asked = 1; ; asked += 1) {
          const { names } = walkEvaluation(walk.workspace, walk.scope);
          const sent = await sendRequest(walk.workspace, prepared, {
            given: giver(gives, walk.workspace, walk.scope, label),
            caller: names,
            sessions: walk.forSession === undefined ? sessions : [],
            cookiesOf: walk.forSession === undefined ? undefined : [walk.forSession],
            expectations: until,
            keeps,
            signal: walk.signal,
            step: label,
            row: walk.row,
          });
          const { received } = sent.outcome;
          if (received) note(seen, until, received);
          const told = { seen: { asked, values: seen } };
          if (sent.problems.length === 0) {
            for (const { name, value, secret, place } of sent.kept)
              walk.scope.set(name, { value, secret, origin: `kept by step ${label} from ${place}` });
            return { sent, kept: sent.kept.map(({ name }) => name), problems: [], told };
          }
          if (walk.signal.aborted) return { sent, kept: [], problems: sent.problems, told };
          const never = received && (await allHold(unless, received, walk, names));
          if (never) return { sent, kept: [], problems: [hopeless(unless, received)], told };
          const elapsed = performance.now() - started;
          if (elapsed + wait > within)
            return { sent, kept: [], problems: [late(sent, asked, elapsed), ...sent.problems], told };
          await pause(wait, walk.signal);
          wait = Math.min(Math.max(longestPause, first), wait * growth);
        }
      },
      restore: () => undefined,
    };
  },
};

/** What stands at the awaited places, as long as it changes. */
function note(seen: string[], until: readonly Expectation[], received: Received): void {
  const values = until.map(({ place }) => {
    try {
      return shortText(place.find(received));
    } catch {
      return 'nothing';
    }
  });
  const text = values.join(', ');
  if (seen.at(-1) !== text) seen.push(text);
}

async function allHold(
  wanted: readonly Expectation[],
  received: Received,
  { workspace }: Walk,
  names: Evaluation['names'],
): Promise<boolean> {
  if (wanted.length === 0) return false;
  const surroundings = { world: workspace.world(), onSecret: workspace.redactor.add };
  const verdicts = await judge(wanted, received, new Evaluation(names, surroundings), { documented: () => undefined });
  return verdicts.every(({ ok }) => ok);
}

function hopeless(unless: readonly Expectation[], received: Received): Problem {
  const found = unless.map(({ place }) => `${place.text} is ${shortText(place.find(received))}`);
  return new Problem('step-failed', { what: `it will not come: ${found.join(', ')}` });
}

const late = ({ outcome: { received } }: Sent, asked: number, elapsed: number): Problem =>
  new Problem('step-failed', {
    what: `not as awaited after ${durationText(elapsed)}, asked ${asked} ${asked === 1 ? 'time' : 'times'}`,
    remedy: received ? 'within: says how long to wait' : undefined,
  });
