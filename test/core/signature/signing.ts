/** A request and a signer for tests, without a collection. */
import type { SignatureFile } from '../../../src/core/collection/files/signature-file.js';
import { parseYaml } from '../../../src/core/collection/yaml.js';
import { plainConnection } from '../../../src/core/exchange/connection/connection.js';
import type { WireRequest } from '../../../src/core/exchange/request/wire.js';
import { type Names, namesFrom } from '../../../src/core/expression/names.js';
import { runtimeMaker } from '../../../src/core/expression/runtime.js';
import { compileSignature } from '../../../src/core/signature/registry.js';
import type { Signed, Signer } from '../../../src/core/signature/signature-kind.js';

export interface Given {
  readonly method?: string;
  readonly url?: string;
  readonly headers?: readonly (readonly [string, string])[];
  readonly body?: string;
  readonly type?: string;
}

export function wireOf({
  method = 'GET',
  url = 'https://harbour.example/v1/berths',
  headers = [],
  body,
  type = 'application/json',
}: Given): WireRequest {
  const address = new URL(url);
  return {
    method,
    url: address,
    shownUrl: address.href,
    headers: [['host', address.host] as const, ...headers].map(([name, value]) => ({
      name,
      value,
      origin: 'test',
      secret: false,
    })),
    body: body === undefined ? undefined : { bytes: Buffer.from(body), type, shown: body, secret: false },
    timeout: { connect: 0, total: 0 },
    redirects: 0,
    connection: plainConnection,
  };
}

export interface Signing {
  readonly secrets?: Readonly<Record<string, string>>;
  readonly now?: string;
  readonly nonce?: string;
  readonly variables?: Names;
  readonly look?: boolean;
}

export async function signerOf(yamlText: string): Promise<Signer> {
  const yaml = parseYaml(yamlText, 'signatures/test.yaml');
  const loads: Promise<unknown>[] = [];
  const signer = compileSignature(yaml.value as unknown as SignatureFile, { name: 'test', yaml, loads });
  await Promise.all(loads);
  return signer;
}

export function roomOf({ secrets = {}, now, nonce, variables = namesFrom({}, 'no variables'), look = true }: Signing) {
  const runtime = runtimeMaker({
    root: '.',
    secret: (name) => secrets[name],
    moment: { now: now === undefined ? undefined : new Date(now), nonce },
  });
  return { runtime: runtime(), variables, onSecret: () => undefined, look };
}

export async function signedBy(yamlText: string, given: Given, signing: Signing = {}): Promise<Signed> {
  return (await signerOf(yamlText)).sign(wireOf(given), roomOf(signing));
}

/** The text of a value, or of a header that was added. */
export function textIn({ steps, wire }: Signed, name: string): string | undefined {
  const step = steps.find((one) => one.name === name);
  if (step === undefined) return wire.headers.find((line) => line.name === name)?.value;
  return step.value instanceof Uint8Array ? Buffer.from(step.value).toString('hex') : String(step.value);
}
