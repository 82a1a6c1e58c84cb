/** `poll`: a request is sent until its response is as awaited. */
import type { PollStepFile } from '../../collection/files/trail-file.js';
import type { Received } from '../../exchange/response/received.js';
import { compileExpectations, type Expectation, judge } from '../../expectation/expectations.js';
import { Evaluation } from '../../expression/evaluation.js';
import { shortText } from '../../matcher/reading.js';
import { pause } from '../../pacing/tries.js';
import { Problem } from '../../problem/problem.js';
import { sendRequest } from '../../sending/send.js';
import type { Sent } from '../../sending/sending.js';
import { durationText, parseDuration } from '../../value/measures.js';
import type { StepKind, Walk } from '../step-kind.js';
import { keysOf, partsOf, plainOutline } from '../step-outline.js';
import { planSent } from './sent-step.js';
import { requireUnchanging } from './unchanging.js';

/** A growing pause grows no further, in milliseconds. */
const longestPause = 30_000;

export const poll: StepKind<PollStepFile> = {
  name: 'poll',
  fits: (file): file is PollStepFile => 'poll' in file,
  outline: (file) => ({
    ...plainOutline,
    sends: [{ name: file.poll, path: ['poll'], give: file.give, givePath: ['give'] }],
    keeps: keysOf(file.keep),
    leavesKeptBy: [file.poll],
    before: partsOf(file),
  }),
  async plan(file, room) {
    const { yaml, path, loads, preparation } = room;
    const step = await planSent(file, file.poll, 'poll', room);
    const { prepared, label } = step;
    requireUnchanging(prepared, 'poll', room);
    const { namespaces } = prepared.plan.content;
    const compiled = (key: 'until' | 'unless'): readonly Expectation[] =>
      compileExpectations(file[key], yaml, [...path, key], preparation.readText, loads, namespaces);
    const [until, unless] = [compiled('until'), compiled('unless')];
    const first = parseDuration(file.pause ?? '1s') as number;
    const within = parseDuration(file.within ?? '60s') as number;
    const growth = file.growth ?? 1;

    return {
      kind: 'poll',
      label,
      changes: 0,
      requests: [prepared],
      gives: step.gives,
      gains: step.gains,
      needs: step.needs,
      async walk(walk) {
        const started = performance.now();
        const seen: string[] = [];
        let wait = first;
        for (let asked = 1; ; asked += 1) {
          const sending = step.sending(walk);
          const asksAgain = (received: Received | undefined): boolean =>
            !walk.signal.aborted &&
            performance.now() - started + wait <= within &&
            !(received && holdAtOnce(unless, received, walk, sending.caller));
          const sent = await sendRequest(walk.workspace, prepared, { ...sending, expectations: until, asksAgain });
          const { received } = sent.outcome;
          if (received) note(seen, until, received);
          const told = { seen: { asked, values: seen } };
          if (sent.problems.length === 0) return { sent, kept: step.keep(walk, sent.kept), problems: [], told };
          if (walk.signal.aborted) return { sent, kept: [], problems: sent.problems, told };
          const never = received && (await allHold(unless, received, walk, sending.caller));
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

/** What is at the awaited places, as long as it changes. */
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

type Verdicts = ReturnType<typeof judge>;

function verdictsOn(
  wanted: readonly Expectation[],
  received: Received,
  { workspace }: Walk,
  names: Evaluation['names'],
): Verdicts {
  const evaluationContext = workspace.evaluationContext();
  return judge(wanted, received, new Evaluation(names, evaluationContext), { documented: () => undefined });
}

async function allHold(...[wanted, ...more]: Parameters<typeof verdictsOn>): Promise<boolean> {
  return wanted.length > 0 && (await verdictsOn(wanted, ...more)).every(({ ok }) => ok);
}

/** As far as nothing has to be loaded for that: for the record of a try, which is written at once. */
function holdAtOnce(...[wanted, ...more]: Parameters<typeof verdictsOn>): boolean {
  try {
    const verdicts = wanted.length > 0 ? verdictsOn(wanted, ...more) : [];
    return Array.isArray(verdicts) && verdicts.length > 0 && verdicts.every(({ ok }) => ok);
  } catch {
    return false;
  }
}

function hopeless(unless: readonly Expectation[], received: Received): Problem {
  const found = unless.map(({ place }) => `${place.text} is ${shortText(place.find(received))}`);
  return new Problem('step-failed', { what: `it cannot happen any more: ${found.join(', ')}` });
}

const late = ({ outcome: { received } }: Sent, asked: number, elapsed: number): Problem =>
  new Problem('step-failed', {
    what: `still not as expected after ${durationText(elapsed)}, asked ${asked} ${asked === 1 ? 'time' : 'times'}`,
    remedy: received ? 'within: says how long to wait' : undefined,
  });
