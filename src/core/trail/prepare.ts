/** Requests and signatures made ready: read once, used for any number of sendings. */
import type { Collection } from '../collection/collection.js';
import { planRequest, type RequestPlan } from '../exchange/request-plan.js';
import { compileExpectations, type Expectation } from '../expectation/expectations.js';
import { compileKeeps, type Keep } from '../expectation/keeps.js';
import type { Loads } from '../expression/compile.js';
import type { Place } from '../place/place.js';
import { readPlace } from '../place/registry.js';
import { asProblem } from '../problem/problem.js';
import type { Signer } from '../signature/signature-kind.js';

/** A request made ready, with what it expects and keeps. */
export interface PreparedRequest {
  readonly plan: RequestPlan;
  readonly expectations: readonly Expectation[];
  readonly keeps: readonly Keep[];
  /** How it is signed, where its file says so. */
  readonly signer: Signer | undefined;
  /** Where its answer holds the token of a session that it opens: a secret from the first moment. */
  readonly tokens: readonly Place[];
}

/** @throws Problem about anything in the request file, its signature, or what they name */
export async function prepareRequest(
  collection: Collection,
  name: string,
  readText: (path: string) => string,
  signer: (signature: string) => Promise<Signer>,
): Promise<PreparedRequest> {
  const loaded = collection.read('request', name);
  const loads: Loads = [];
  const plan = planRequest(collection, loaded, loads);
  const { expect, keep, namespaces } = plan.content;
  // What is wrong with its signature is told before anything is sent.
  const signing =
    plan.signature === undefined
      ? undefined
      : await signer(plan.signature).catch((error: unknown) => {
          throw asProblem(error).at(loaded.yaml.position(['signature']));
        });
  const ready = {
    plan,
    signer: signing,
    expectations: compileExpectations(expect, loaded.yaml, ['expect'], readText, loads, namespaces),
    keeps: compileKeeps(keep, loaded.yaml, ['keep'], loads, namespaces),
    tokens: tokenPlaces(collection, name, loads),
  };
  await Promise.all(loads);
  return ready;
}

/** Loaded where a request is signed: most are not. */
export async function prepareSigner(collection: Collection, name: string): Promise<Signer> {
  const { content, yaml } = collection.read('signature', name);
  const { compileSignature } = await import('../signature/registry.js');
  const loads: Loads = [];
  const signer = compileSignature(content, { name, yaml, loads });
  await Promise.all(loads);
  return signer;
}

/** By the session files that open with this request; one that cannot be read is told when it is used. */
function tokenPlaces(collection: Collection, request: string, loads: Loads): Place[] {
  return collection.names('session').flatMap((name) => {
    try {
      const { content } = collection.read('session', name);
      if (content.kind !== 'login' || content.token === undefined || !('send' in content.open)) return [];
      return collection.resolve('request', content.open.send) === request ? [readPlace(content.token, loads)] : [];
    } catch {
      return [];
    }
  });
}
