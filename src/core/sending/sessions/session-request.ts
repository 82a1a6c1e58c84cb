/** The request that opens or closes a session. */

import { variableNames } from '../../collection/variables/variable-scopes.js';
import type { YamlFile } from '../../collection/yaml.js';
import type { Received } from '../../exchange/response/received.js';
import { problemText } from '../../expectation/expectations.js';
import type { Loads } from '../../expression/compile.js';
import { Evaluation, omitted } from '../../expression/evaluation.js';
import { layered, type Named, type Names } from '../../expression/names.js';
import { compileTree } from '../../expression/tree.js';
import { action } from '../../problem/actions.js';
import { asProblem, Problem } from '../../problem/problem.js';
import { sessionKinds } from '../../session/registry.js';
import type { Value } from '../../value/written.js';
import { sendRequest } from '../send.js';
import type { Workspace } from '../workspace.js';

export interface SessionCall {
  readonly name: string;
  readonly yaml: YamlFile;
  readonly request: string;
  readonly give: Readonly<Record<string, Value>>;
  readonly part: 'open' | 'close';
  /** Names of whoever needs the session. */
  readonly caller: Names;
}

/** What the session file gives to the inputs. */
export async function givenBy(
  workspace: Workspace,
  { name, yaml, give, caller }: Pick<SessionCall, 'name' | 'yaml' | 'give' | 'caller'>,
  part: 'open' | 'close',
): Promise<(input: string) => Named | undefined> {
  const loads: Loads = [];
  const where = (key: string) => (path: readonly (string | number)[]) => yaml.position([part, 'give', key, ...path]);
  const trees = new Map(Object.entries(give).map(([key, value]) => [key, compileTree(value, where(key), loads)]));
  await Promise.all(loads);
  const evaluationContext = workspace.evaluationContext();
  const names = layered(variableNames(workspace.layers, caller, evaluationContext), caller);
  return (input) => {
    const tree = trees.get(input);
    if (!tree) return undefined;
    const evaluation = new Evaluation(names, evaluationContext);
    const value = tree.evaluate(evaluation);
    return value === omitted ? undefined : { value, origin: `session ${name}`, secret: evaluation.touchedSecret };
  };
}

/** Sends the request that opens or closes a session. @throws Problem session-missing where its response is a refusal */
export async function sendForSession(workspace: Workspace, call: SessionCall): Promise<Received> {
  const { name, yaml, request, part } = call;
  const prepared = await Promise.resolve(request)
    .then(workspace.prepare)
    .catch((error: unknown) => Promise.reject(asProblem(error).at(yaml.position([part, 'send']))));
  const { outcome, problems, echo } = await sendRequest(workspace, prepared, {
    given: await givenBy(workspace, call, part),
    caller: call.caller,
    // What closes a session is sent with it; what opens one, with those of its own file.
    sessions: part === 'close' ? [name] : sessionsToOpen(workspace, name, prepared.plan.sessions, yaml),
    cookiesOf: [name],
    changesNothing: true,
    step: `session ${name}`,
  });
  const { received, trouble } = outcome;
  if (trouble) throw trouble;
  const [first] = problems;
  if (received && !first) return received;
  const said = received && problemText(received);
  throw new Problem('session-missing', {
    what: `the session ${name} was refused: ${prepared.plan.name} returned ${received?.status}${said === undefined ? '' : ` (${said})`}`,
    cause: first?.what,
    remedy: `are the user and the secret right? ${action().showEcho(echo)} shows the exchange`,
    data: { session: name },
  });
}

/**
 * A folder may say the session for all of its requests, the one that opens it included: that one is left out.
 * @throws Problem circle: one of them is opened with this very session
 */
function sessionsToOpen(
  { collection }: Workspace,
  name: string,
  given: readonly string[],
  yaml: YamlFile,
): readonly string[] {
  const own = given.map((one) => collection.resolve('session', one)).filter((one) => one !== name);
  const seen = new Set<string>();
  const visit = (session: string): void => {
    if (session === name) {
      throw new Problem('circle', {
        what: `the session ${name} is opened with a session that is itself opened with ${name}`,
        where: yaml.position(['open']),
        remedy: 'session: none in the request that opens one of them',
      });
    }
    if (seen.has(session)) return;
    seen.add(session);
    const { content } = collection.read('session', session);
    const call = sessionKinds
      .get(content.kind)
      ?.calls?.(content)
      .find(({ part }) => part === 'open');
    if (call?.kind !== 'request') return;
    const request = collection.resolve('request', call.name);
    const layers = [...collection.defaults(request), collection.read('request', request)];
    const nearest = layers.reduce<string | readonly string[] | undefined>(
      (found, layer) => layer.content.session ?? found,
      undefined,
    );
    for (const one of nearest === undefined || nearest === 'none' ? [] : ([nearest].flat() as string[])) {
      const full = collection.resolve('session', one);
      if (full !== session) visit(full);
    }
  };
  for (const one of own) visit(one);
  return own;
}
