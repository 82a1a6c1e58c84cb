/** Documented examples of a signature: reproduced without sending anything. */

import type { SignatureExample } from '../collection/files/signature-file.js';
import { plainConnection } from '../exchange/connection/connection.js';
import type { WireBody, WireRequest } from '../exchange/request/wire.js';
import type { Runtime } from '../expression/evaluation.js';
import { layered, type Names, namesFrom } from '../expression/names.js';
import { Problem } from '../problem/problem.js';
import { parseMoment } from '../value/moment.js';
import { ownMember } from '../value/own-member.js';
import { textOf } from '../value/text.js';
import type { Value } from '../value/written.js';
import { type Difference, differenceOf } from './against/compare.js';
import type { Signed, Signer, SigningStep } from './signature-kind.js';

/** One thing that the documentation says, and our signature does not. */
export interface Mismatch {
  /** Where the example says it: below `expect`. */
  readonly path: readonly (string | number)[];
  readonly name: string;
  /** undefined where there is nothing of that name. */
  readonly difference: Difference | undefined;
  /** It is made from a secret, and less is said of it. */
  readonly secret: boolean;
  /** How many characters ours has, and theirs. */
  readonly lengths?: readonly [ours: number, theirs: number];
}

/**
 * @param runtime where secrets come from that the example does not give
 * @throws Problem: the signature cannot be made of the example
 */
export function exampleMismatches(
  signer: Signer,
  example: SignatureExample,
  { runtime, variables }: { readonly runtime: Runtime; readonly variables: Names },
): readonly Mismatch[] {
  const { values = {}, headers = {}, query = {}, body } = example.expect;
  const wanted = [
    ...Object.entries(values).map(([name, text]) => ({ part: 'value', name, text, path: ['values', name] }) as const),
    ...Object.entries(headers).map(
      ([name, text]) => ({ part: 'header', name, text, path: ['headers', name] }) as const,
    ),
    ...Object.entries(query).map(([name, text]) => ({ part: 'query', name, text, path: ['query', name] }) as const),
  ];
  const own = runtime.again({ now: timeOf(example), nonce: example.nonce });
  const { secrets = {} } = example;
  const given: Runtime = {
    ...boundWorld(own),
    secret: (name, key) => ownMember(secrets, key === undefined ? name : `${name}[${key}]`) ?? own.secret(name, key),
  };
  const signed = signer.sign(
    exampleRequest(example),
    {
      runtime: given,
      variables: layered(namesFrom((example.variables ?? {}) as Record<string, Value>, 'the example'), variables),
      onSecret: () => undefined,
    },
    // What the example does not speak of may want a secret that nobody has.
    body === undefined ? new Set(wanted.map(({ part, name }) => `${part} ${name}`)) : undefined,
  );
  const mismatches = wanted.flatMap(({ part, name, text, path }): Mismatch[] => {
    const step = stepOf(signed, part, name);
    if (!step) return [{ path, name, difference: undefined, secret: false }];
    const ours = step.value instanceof Uint8Array ? Buffer.from(step.value).toString('hex') : textOf(step.value);
    return ours === text
      ? []
      : [
          {
            path,
            name,
            difference: differenceOf(ours, text),
            secret: step.secret,
            lengths: [ours.length, text.length],
          },
        ];
  });
  if (body === undefined) return mismatches;
  const sent = Buffer.from(signed.wire.body?.bytes ?? []).toString('utf8');
  return sent === body
    ? mismatches
    : [...mismatches, { path: ['body'], name: 'body', difference: differenceOf(sent, body), secret: true }];
}

function stepOf({ steps }: Signed, part: SigningStep['part'], name: string): SigningStep | undefined {
  const key = name.toLowerCase();
  return steps.find(
    (step) => step.part === part && (part === 'header' ? step.name.toLowerCase() === key : step.name === name),
  );
}

function timeOf({ time }: SignatureExample): Date | undefined {
  if (time === undefined) return undefined;
  const date = parseMoment(time);
  if (date) return date;
  throw new Problem('file-shape', {
    what: `the time of an example must be a moment with its zone, not ${time}`,
    remedy: 'such as 2026-11-24T09:30:00Z',
  });
}

/** The methods of a runtime keep their runtime. */
const boundWorld = (runtime: Runtime): Runtime => ({
  get now() {
    return runtime.now;
  },
  get nonce() {
    return runtime.nonce;
  },
  get uuid() {
    return runtime.uuid;
  },
  random: () => runtime.random(),
  file: (path) => runtime.file(path),
  path: (named) => runtime.path(named),
  standardInput: undefined,
  render: (path, evaluation) => runtime.render(path, evaluation),
  secret: (name, key) => runtime.secret(name, key),
  again: (moment) => runtime.again(moment),
});

/** As it would be composed: the host and what the body brings along are there. @throws Problem address-shape */
function exampleRequest({ request: { method = 'GET', url, headers = {}, body } }: SignatureExample): WireRequest {
  if (!URL.canParse(url)) {
    throw new Problem('address-shape', {
      what: `the address of an example must be whole, not ${url}`,
      remedy: 'such as https://filing.larkhaven.example/v1/manifests?desk=7',
    });
  }
  const address = new URL(url);
  const line = (name: string, value: string, origin = 'the example') => ({ name, value, origin, secret: false });
  const has = (name: string): boolean => Object.keys(headers).some((own) => own.toLowerCase() === name);
  const type = Object.entries(headers).find(([name]) => name.toLowerCase() === 'content-type')?.[1] ?? '';
  const bytes = Buffer.from(body ?? '');
  const made: WireBody | undefined = body === undefined ? undefined : { bytes, type, shown: body, secret: false };
  return {
    method: method.toUpperCase(),
    url: address,
    shownUrl: address.href,
    headers: [
      ...(has('host') ? [] : [line('host', address.host, 'automatic')]),
      ...Object.entries(headers).map(([name, value]) => line(name, value)),
      ...(made && !has('content-length') ? [line('content-length', String(bytes.length), 'automatic')] : []),
    ],
    body: made,
    timeout: { connect: 0, total: 0 },
    redirects: 0,
    connection: plainConnection,
  };
}
