/** Operations from samples: what several calls of one kind have in common. */
import { Problem } from '../../../problem/problem.js';
import { percentDecoded } from '../../../value/percent-decoded.js';
import type { Value } from '../../../value/written.js';
import type { Body, Content, Documentation, DocumentedResponse, Operation, Parameter } from '../../model/model.js';
import { isIdentifier } from '../../model/path-identifier.js';
import { safeMethods } from '../../model/safe-methods.js';
import type { Documents } from '../../reading/documents.js';
import { entryOf } from '../described.js';
import { jsonIn } from '../page/messages.js';
import { inferFields } from './infer.js';
import { type Sample, samplesFile } from './samples.js';

/** @throws Problem document-unreadable */
export function readSamples({ main }: Documents, source: string): Documentation {
  const read = samplesFile.safeParse(main.content);
  if (!read.success) {
    const [issue] = read.error.issues;
    throw new Problem('document-unreadable', {
      what: `${main.file} is not a file of samples`,
      where: { file: main.file },
      cause: issue && `${issue.path.join('.')}: ${issue.message}`,
    });
  }
  const { samples } = read.data;
  const ids = new Set<string>();
  const operations = grouped(samples).map((group) => operationOf(group, ids));
  const origins = [...new Set(samples.map(({ url }) => new URL(url).origin))];
  return {
    format: 'samples',
    version: String(samples.length),
    title: source,
    servers: origins.map((url) => ({ url, variables: [] })),
    operations: operations.map(entryOf),
    definitions: new Map(),
    types: new Map(),
    webhooks: [],
    warnings: [],
  };
}

interface Group {
  readonly method: string;
  /** Literal parts, and undefined where they vary. */
  readonly parts: (string | undefined)[];
  readonly samples: Sample[];
}

const partsOf = (sample: Sample): string[] => new URL(sample.url).pathname.split('/').slice(1).map(percentDecoded);

function grouped(samples: readonly Sample[]): Group[] {
  const groups: Group[] = [];
  for (const sample of samples) {
    const parts = partsOf(sample);
    const own = parts.map((part) => (isIdentifier(part) ? undefined : part));
    const fitting = groups.find((group) => group.method === sample.method && alike(group, own, sample));
    if (!fitting) groups.push({ method: sample.method, parts: own, samples: [sample] });
    else {
      fitting.samples.push(sample);
      for (const [index, part] of own.entries()) if (fitting.parts[index] !== part) fitting.parts[index] = undefined;
    }
  }
  return groups;
}

/** The same parts, but for identifiers; or all but one part, where the responses are of one shape. */
function alike({ parts, samples }: Group, own: readonly (string | undefined)[], sample: Sample): boolean {
  if (parts.length !== own.length) return false;
  const differing = parts.filter(
    (part, index) => part !== own[index] && part !== undefined && own[index] !== undefined,
  );
  if (differing.length === 0)
    return parts.every((part, index) => part === own[index] || part === undefined || own[index] === undefined);
  const shape = (one: Sample | undefined): string =>
    JSON.stringify(Object.keys((objectIn(one) ?? {}) as object).sort());
  return (
    differing.length === 1 &&
    parts.length > 1 &&
    parts[0] === own[0] &&
    shape(sample) !== '[]' &&
    shape(samples[0]) === shape(sample)
  );
}

function objectIn(sample: Sample | undefined): Readonly<Record<string, unknown>> | undefined {
  const value = sample?.received && jsonIn(sample.received.text)?.value;
  return typeof value === 'object' && value !== null && !Array.isArray(value)
    ? (value as Record<string, unknown>)
    : undefined;
}

function operationOf({ method, parts, samples }: Group, ids: Set<string>): Omit<Operation, 'source'> {
  const names = parts.map((part, index) => (part === undefined ? parameterName(parts, index, samples) : undefined));
  const path = `/${parts.map((part, index) => (part === undefined ? `{${names[index]}}` : part)).join('/')}`;
  const base = `${method} ${path}`
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/-$/, '');
  let id = base;
  for (let count = 2; ids.has(id); count += 1) id = `${base}-${count}`;
  ids.add(id);
  const bodies = samples.flatMap(({ sent }) => (sent ? [sent] : []));
  const [firstBody] = bodies;
  const body: Body | undefined = firstBody && {
    ...contentOf(bodies),
    required: bodies.length === samples.length,
    otherTypes: [],
  };
  const statuses = [...new Set(samples.map(({ status }) => status))].sort();
  return {
    id,
    protocol: 'http',
    group: parts.find((part) => part !== undefined && !/^v\d/.test(part)) ?? 'operations',
    summary: `${method} ${path}, from ${samples.length === 1 ? 'one sample' : `${samples.length} samples`}`,
    method,
    path,
    deprecated: false,
    certainty: 'guess',
    at: samples
      .map(({ from }) => from)
      .slice(0, 5)
      .join(', '),
    changes: !safeMethods.has(method),
    parameters: [...pathParameters(parts, names, samples), ...queryParameters(samples)],
    ...(body && { body }),
    responses: statuses.map((status): DocumentedResponse => {
      const received = samples
        .filter((one) => one.status === status)
        .flatMap((one) => (one.received ? [one.received] : []));
      return { status: String(status), headers: [], ...(received.length > 0 && { content: contentOf(received) }) };
    }),
    security: [],
  };
}

/** The member of the response that has the value, else the word before it. */
function parameterName(parts: readonly (string | undefined)[], index: number, samples: readonly Sample[]): string {
  const value = partsOf(samples[0] as Sample)[index];
  const member = Object.entries(objectIn(samples[0]) ?? {}).find(([, one]) => String(one) === value)?.[0];
  const taken = (name: string): boolean =>
    parts
      .slice(0, index)
      .some((_, before) => parts[before] === undefined && parameterName(parts, before, samples) === name);
  if (member !== undefined && !taken(member)) return member;
  const word = parts[index - 1]?.replace(/ies$/, 'y').replace(/s$/, '');
  return word === undefined ? `part${index + 1}` : `${word}Id`;
}

function pathParameters(
  parts: readonly (string | undefined)[],
  names: readonly (string | undefined)[],
  samples: readonly Sample[],
): Parameter[] {
  return parts.flatMap((part, index): Parameter[] => {
    if (part !== undefined) return [];
    const values = samples.map((sample) => partsOf(sample)[index] ?? '');
    return [
      {
        name: names[index] ?? '',
        in: 'path',
        type: textType(values),
        required: true,
        example: values[0] ?? '',
        certainty: 'guess',
      },
    ];
  });
}

function queryParameters(samples: readonly Sample[]): Parameter[] {
  const queries = samples.map(({ url }) => new URL(url).searchParams);
  const names = [...new Set(queries.flatMap((one) => [...one.keys()]))];
  return names.map((name) => {
    const values = queries.flatMap((one) => one.getAll(name));
    return {
      name,
      in: 'query',
      type: textType(values),
      required: queries.every((one) => one.has(name)),
      example: values[0] ?? '',
      certainty: 'guess',
    };
  });
}

/** `0012` is no number: it would lose its zeros. */
function textType(values: readonly string[]): string {
  if (values.every((one) => /^(?:0|-?[1-9]\d{0,14})$/.test(one))) return 'integer';
  if (values.every((one) => one === 'true' || one === 'false')) return 'boolean';
  return 'string';
}

function contentOf(bodies: readonly { readonly type: string; readonly text: string }[]): Content {
  const values = bodies.flatMap(({ text }) => jsonIn(text)?.value ?? []);
  const example: Value | undefined = values[0] ?? bodies[0]?.text;
  return {
    type: bodies[0]?.type.split(';')[0]?.trim() ?? 'application/json',
    fields: inferFields(values, { certainty: 'guess' }),
    ...(example !== undefined && { example }),
    documentedExample: true,
  };
}
