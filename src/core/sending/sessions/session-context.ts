/** What a kind of session may ask for: its requests sent, its trails walked, its values computed. */
import { variableNames } from '../../collection/variables/variable-scopes.js';
import type { YamlFile } from '../../collection/yaml.js';
import { tlsIdentity } from '../../exchange/connection/connection.js';
import type { Loads } from '../../expression/compile.js';
import { Evaluation, omitted } from '../../expression/evaluation.js';
import { layered, type Names, namesFrom } from '../../expression/names.js';
import { compileTree } from '../../expression/tree.js';
import type { Opened, Person, SessionContext } from '../../session/session-kind.js';
import { pathInside } from '../../storage/inside.js';
import type { Value } from '../../value/written.js';
import type { Workspace } from '../workspace.js';

/** What a session is opened with by a trail of the collection. */
export interface SessionTrail {
  readonly name: string;
  readonly yaml: YamlFile;
  readonly trail: string;
  readonly give: Readonly<Record<string, Value>>;
  /** Names of whoever needs the session. */
  readonly caller: Names;
}

/** Walks the trail that opens a session: what walks trails knows how. */
export type OpenByTrail = (workspace: Workspace, call: SessionTrail) => Promise<Opened>;

/** @param person who can agree to the session; undefined where nobody is there @param caller names of whoever needs it */
export function sessionContext(
  workspace: Workspace,
  name: string,
  person: Person | undefined,
  caller: Names,
  openByTrail: OpenByTrail,
): SessionContext {
  const { yaml } = workspace.collection.read('session', name);
  return {
    name,
    yaml,
    memory: workspace.sessionMemory,
    person,
    onSecret: workspace.redactor.add,
    // Loaded when a session is opened: most commands find one that is open.
    call: async (request, give, part) =>
      (await import('./session-request.js')).sendForSession(workspace, { name, yaml, request, give, part, caller }),
    walk: (trail, give) => openByTrail(workspace, { name, yaml, trail, give, caller }),
    fetch: async (call) => (await import('./protocol-call.js')).sendProtocolCall(workspace, name, call, caller),
    requireListed: workspace.origins.require,
    identity: (given) => tlsIdentity(given, (named) => pathInside(workspace.collection.root, named)),
    runtime: () => workspace.runtime(),
    async evaluate(value: Value, path, own, runtime = workspace.runtime()) {
      const loads: Loads = [];
      const tree = compileTree(value, (inner) => yaml.position([...path, ...inner]), loads);
      await Promise.all(loads);
      const evaluationContext = { runtime, onSecret: workspace.redactor.add };
      const names = layered(
        namesFrom(own, `session ${name}`),
        variableNames(workspace.layers, caller, evaluationContext),
        caller,
      );
      const evaluation = new Evaluation(names, evaluationContext);
      const result = tree.evaluate(evaluation);
      if (evaluation.touchedSecret && result !== omitted) workspace.redactor.add(result);
      return result;
    },
  };
}
