/** Which requests call an operation, and which trails send those. */
import type { Collection } from '../collection/collection.js';
import type { StepFile } from '../collection/files/trail-file.js';
import { findOperation } from '../collection/sources/source-index.js';
import { everyStep } from '../trail/steps/registry.js';

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
    if (steps) sends.set(name, new Set(sentIn(collection, steps)));
  }
  return (operation) => {
    const using = [...requests].filter(([, one]) => one === operation).map(([name]) => name);
    return {
      requests: using,
      trails: [...sends].filter(([, sent]) => using.some((one) => sent.has(one))).map(([name]) => name),
    };
  };
}

/** Every request of the steps, undo parts included. */
function sentIn(collection: Collection, steps: readonly StepFile[]): string[] {
  return [...everyStep(steps)].flatMap(({ outline }) =>
    outline.sends.map(({ name }) => quietly(() => collection.resolve('request', name)) ?? name),
  );
}

function quietly<T>(work: () => T): T | undefined {
  try {
    return work();
  } catch {
    return undefined;
  }
}
