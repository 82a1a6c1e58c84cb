/** `send -`: a request from standard input, as a command of a shell or an HTTP message, sent as it is and not kept. */
import { resolve } from 'node:path';
import type { Loaded } from '../../core/collection/collection.js';
import { type RequestFile, requestFile } from '../../core/collection/files/request-file.js';
import { shaped } from '../../core/collection/schema-validation.js';
import { parseYaml } from '../../core/collection/yaml.js';
import { yamlText } from '../../core/collection/yaml-text.js';
import { hasHole } from '../../core/interchange/foreign/holes.js';
import { importerOf } from '../../core/interchange/foreign/registry.js';
import type { ForeignRequest } from '../../core/interchange/foreign/request.js';
import { addressParts, requestContent } from '../../core/interchange/taking-over/content.js';
import { withoutUserInfo } from '../../core/interchange/taking-over/credentials.js';
import { holeName } from '../../core/interchange/taking-over/names.js';
import type { Fill } from '../../core/interchange/taking-over/slots.js';
import { Problem } from '../../core/problem/problem.js';
import { inputText } from '../options/input-text.js';

export interface PipedRequest {
  readonly loaded: Loaded<RequestFile>;
  /** As it was written; a path where its host is not said. */
  readonly url: string;
  /** What of it is not sent. */
  readonly left: readonly string[];
  /** Files that it names, by how it names them. */
  readonly files: ReadonlyMap<string, string>;
}

/** @throws Problem import-unreadable, usage: it holds several */
export async function requestFromInput(): Promise<PipedRequest> {
  const { text, name } = await inputText('-');
  const importer = importerOf(text, name);
  const { requests, left } = importer.read(text, name);
  const [first, ...more] = requests.map(withoutUserInfo) as [ForeignRequest, ...ForeignRequest[]];
  if (more.length > 0) {
    throw new Problem('usage', {
      what: `${name} holds ${requests.length} requests, and send - sends one`,
      remedy: `echo-trail import ${importer.name} - keeps all of them, and a trail that runs them`,
    });
  }
  const inputs = new Set<string>();
  const files = new Map<string, string>();
  const fill: Fill = Object.assign(() => undefined, {
    hole(hole: string) {
      const input = holeName(hole);
      inputs.add(input);
      return { input };
    },
  });
  const { origin } = addressParts(first.url);
  const content = requestContent(withAuthorization(first), {
    origin: origin ?? '${origin}',
    exact: importer.name !== 'command-line',
    fill,
    fileAt(path) {
      files.set(path, resolve(path));
      return path;
    },
  });
  const yaml = parseYaml(
    yamlText({
      ...(inputs.size > 0 && { inputs: Object.fromEntries([...inputs].map((one) => [one, {}])) }),
      ...content,
    }),
    name,
  );
  return {
    loaded: { name, yaml, content: shaped(requestFile, yaml) },
    url: origin === undefined ? '/' : first.url,
    left: left.map(({ what }) => what),
    files,
  };
}

/** User and password as the line that they become (RFC 7617). */
function withAuthorization(request: ForeignRequest): ForeignRequest {
  const { user, headers } = request;
  if (!user || headers.some(([name]) => /^authorization$/i.test(name))) return request;
  const pair = `${user.name}:${user.password}`;
  if (hasHole(pair)) {
    throw new Problem('usage', {
      what: 'the command has a user, and no password',
      remedy: 'write it behind the user and a colon, or keep the request with echo-trail draft - and set its secret',
    });
  }
  const value = `Basic ${Buffer.from(pair, 'utf8').toString('base64')}`;
  return { ...request, headers: [...headers, ['Authorization', value]], user: undefined };
}
