/** Requests and signatures made ready: read once, used for any number of sendings. */
import type { Collection } from '../collection/collection.js';
import { documentedSuccesses } from '../collection/sources/documented-schema.js';
import { type AddedParts, planRequest, type RequestPlan } from '../exchange/request/request-plan.js';
import { compileExpectations, type Expectation } from '../expectation/expectations.js';
import { compileKeeps, type Keep } from '../expectation/keeps.js';
import type { Loads } from '../expression/compile.js';
import { type RetryPolicy, retryPolicy } from '../pacing/retry-policy.js';
import { type PagesPlan, planPages } from '../paging/pages-plan.js';
import type { Place } from '../place/place.js';
import { readPlace } from '../place/registry.js';
import { asProblem } from '../problem/problem.js';
import { sessionKinds } from '../session/registry.js';
import type { Signer } from '../signature/signature-kind.js';

/** A request made ready, with what it expects and keeps. */
export interface PreparedRequest {
  readonly plan: RequestPlan;
  readonly expectations: readonly Expectation[];
  readonly keeps: readonly Keep[];
  /** Where its file or a folder says when it is sent again: `policy` is undefined for `none`. */
  readonly retry: { readonly policy: RetryPolicy | undefined } | undefined;
  /** How its list comes in pages. */
  readonly pages: PagesPlan | undefined;
  /** How it is signed, where its file says so. */
  readonly signer: Signer | undefined;
  /** Where its response holds the token of a session that it opens: a secret from the first moment. */
  readonly tokens: readonly Place[];
}

/**
 * @param added for one sending
 * @throws Problem about anything in the request file, its signature, or what they name
 */
export async function prepareRequest(
  collection: Collection,
  name: string,
  readText: (path: string) => string,
  signer: (signature: string) => Promise<Signer>,
  added?: AddedParts,
): Promise<PreparedRequest> {
  const loaded = collection.read('request', name);
  const loads: Loads = [];
  const plan = planRequest(collection, loaded, loads, false, added);
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
    expectations: compileExpectations(
      expect,
      loaded.yaml,
      ['expect'],
      readText,
      loads,
      namespaces,
      documentedAhead(collection, plan),
    ),
    keeps: compileKeeps(keep, loaded.yaml, ['keep'], loads, namespaces),
    retry: plan.retry && {
      policy: retryPolicy(plan.retry.spec, plan.retry.yaml, readText, loads, namespaces),
    },
    pages:
      plan.content.pages &&
      planPages(plan.content.pages, {
        yaml: loaded.yaml,
        inputs: plan.inputs.map((input) => input.name),
        readText,
        loads,
        namespaces,
      }),
    tokens: tokenPlaces(collection, name, loads),
  };
  await Promise.all(loads);
  return ready;
}

/** What its responses are held against is made ready before it is sent. */
export const documentedAhead =
  (collection: Collection, { content: { operation } }: RequestPlan): (() => readonly object[]) =>
  () =>
    operation === undefined ? [] : documentedSuccesses(collection, operation);

/** A request that no file says more of. */
export const plainRequest = (plan: RequestPlan): PreparedRequest => ({
  plan,
  expectations: [],
  keeps: [],
  retry: undefined,
  pages: undefined,
  signer: undefined,
  tokens: [],
});

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
      const kind = sessionKinds.get(content.kind);
      const token = kind?.tokenPlace?.(content);
      const opens = kind?.calls?.(content).find(({ part }) => part === 'open');
      if (token === undefined || opens?.kind !== 'request') return [];
      return collection.resolve('request', opens.name) === request ? [readPlace(token, loads)] : [];
    } catch {
      return [];
    }
  });
}
