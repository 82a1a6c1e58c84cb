/** The request that opens or closes a session. */
import { variableNames } from '../collection/layers.js';
import type { YamlFile } from '../collection/yaml.js';
import type { Received } from '../exchange/received.js';
import { problemText } from '../expectation/expectations.js';
import type { Loads } from '../expression/compile.js';
import { Evaluation, omitted } from '../expression/evaluation.js';
import { type Named, noNames } from '../expression/names.js';
import { compileTree } from '../expression/tree.js';
import { Problem } from '../problem/problem.js';
import type { Value } from '../value/written.js';
import { sendRequest } from './send.js';
import type { Workspace } from './workspace.js';

interface SessionCall {
  readonly name: string;
  readonly yaml: YamlFile;
  readonly request: string;
  readonly give: Readonly<Record<string, Value>>;
  readonly sessions: readonly string[];
}

/** Sends the request that opens or closes a session. @throws Problem session-missing where its answer is a refusal */
export async function sendForSession(
  workspace: Workspace,
  { name, yaml, request, give, sessions }: SessionCall,
): Promise<Received> {
  const prepared = await workspace.prepare(request);
  const loads: Loads = [];
  const where = (key: string) => (path: readonly (string | number)[]) => yaml.position(['open', 'give', key, ...path]);
  const trees = new Map(Object.entries(give).map(([key, value]) => [key, compileTree(value, where(key), loads)]));
  await Promise.all(loads);
  const surroundings = { world: workspace.world(), onSecret: workspace.redactor.add };
  const names = variableNames(workspace.layers, noNames, surroundings);
  const given = (input: string): Named | undefined => {
    const tree = trees.get(input);
    if (!tree) return undefined;
    const evaluation = new Evaluation(names, surroundings);
    const value = tree.evaluate(evaluation);
    return value === omitted ? undefined : { value, origin: `session ${name}`, secret: evaluation.touchedSecret };
  };
  const { outcome, problems, echo } = await sendRequest(workspace, prepared, {
    given,
    caller: noNames,
    sessions,
    step: `session ${name}`,
  });
  const { received, trouble } = outcome;
  if (trouble) throw trouble;
  const [first] = problems;
  if (received && !first) return received;
  const said = received && problemText(received);
  throw new Problem('session-missing', {
    what: `the session ${name} was refused: ${prepared.plan.name} answered ${received?.status}${said === undefined ? '' : ` (${said})`}`,
    cause: first?.what,
    remedy: `are the user and the secret right? echo-trail echo show ${echo} shows the exchange`,
    data: { session: name },
  });
}
