/** Echoes of a run as a set that can be shared: known secrets were hidden when they were recorded, headers that hold credentials go. */

import { rehearsedEnvironment } from '../collection/variables/rehearsed.js';
import type { Echo } from '../echo/echo.js';
import { newestEchoes } from '../echo/read.js';
import { action } from '../problem/actions.js';
import { Problem } from '../problem/problem.js';
import { isCredentialHeader } from '../value/secret-fields.js';

/** Credentials, what is made of them, and what tells of this machine. */
const isLeftOut = (name: string): boolean => isCredentialHeader(name) || /^user-agent$|signature|seal$/i.test(name);

/** @param run `last`, or a run by its name @throws Problem echo-not-found */
export async function sharedSet(
  local: string,
  run: string,
): Promise<{ readonly lines: readonly string[]; readonly run: string; readonly leftOut: number }> {
  const [last] = run === 'last' ? await newestEchoes(local, 1) : [];
  const name = run === 'last' ? last?.id.split('.')[0] : run;
  const all = name === undefined ? [] : await newestEchoes(local, Number.POSITIVE_INFINITY, { run: name });
  if (name === undefined || all.length === 0)
    throw new Problem('echo-not-found', {
      what: run === 'last' ? 'nothing is recorded yet' : `there are no echoes of a run ${run}`,
      remedy: `${action().listEchoes()} shows the recorded ones`,
    });
  if (all.some(({ environment }) => rehearsedEnvironment.is(environment)))
    throw new Problem('usage', { what: `run ${name} was itself rehearsed`, remedy: 'record a run against the vendor' });
  const whole = all.filter(
    ({ received, again }) => received && !again && !received.body?.cut && received.body?.file === undefined,
  );
  return {
    lines: whole.reverse().map((one) => JSON.stringify(shared(one))),
    run: name,
    leftOut: all.length - whole.length,
  };
}

/** Of an echo what a rehearsal wants. */
function shared({ id, at, environment, request, operation, sent, received }: Echo): Echo {
  const headers = (lines: Echo['sent']['headers']): Echo['sent']['headers'] =>
    lines.filter(([name]) => !isLeftOut(name));
  return {
    id,
    at,
    environment,
    ...(request !== undefined && { request }),
    ...(operation !== undefined && { operation }),
    sent: { ...sent, headers: headers(sent.headers) },
    ...(received && {
      received: {
        status: received.status,
        reason: received.reason,
        headers: headers(received.headers),
        ...(received.body && { body: received.body }),
      },
    }),
    met: 0,
  };
}
