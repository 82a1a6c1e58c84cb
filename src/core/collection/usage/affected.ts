/** Which requests call an operation, and which trails send those. */
import type { Value } from '../../value/written.js';
import type { Collection } from '../collection.js';
import { findOperation } from '../sources/source-index.js';

export interface Users {
  readonly requests: readonly string[];
  readonly trails: readonly string[];
}

/** By `SOURCE/OPERATION`. Files that cannot be read are for `check` to tell. */
export function usersOfOperations(collection: Collection): (operation: string) => Users {
  const requests = new Map<string, string>();
  for (const name of collection.names('request')) {
    const given = quietly(() => collection.read('request', name).content.operation);
    if (given === undefined) continue;
    const found = quietly(() => findOperation(collection, given));
    requests.set(name, found ? `${found.source}/${found.id}` : given);
  }
  const sends = new Map<string, ReadonlySet<string>>();
  for (const name of collection.names('trail')) {
    const steps = quietly(() => collection.read('trail', name).content.steps);
    if (steps) sends.set(name, new Set(sentIn(collection, steps as unknown as Value)));
  }
  return (operation) => {
    const using = [...requests].filter(([, one]) => one === operation).map(([name]) => name);
    return {
      requests: using,
      trails: [...sends].filter(([, sent]) => using.some((one) => sent.has(one))).map(([name]) => name),
    };
  };
}

/** Keys of a step under which a request stands. */
const sending = new Set(['send', 'poll', 'pages']);

/** Every request below the steps, undo parts included. */
function* sentIn(collection: Collection, value: Value): Generator<string> {
  if (Array.isArray(value)) for (const item of value as readonly Value[]) yield* sentIn(collection, item);
  else if (typeof value === 'object' && value !== null) {
    for (const [key, inner] of Object.entries(value as Record<string, Value>)) {
      if (!sending.has(key) || typeof inner !== 'string') yield* sentIn(collection, inner);
      else yield quietly(() => collection.resolve('request', inner)) ?? inner;
    }
  }
}

function quietly<T>(work: () => T): T | undefined {
  try {
    return work();
  } catch {
    return undefined;
  }
}
