/** The machine-readable documents of `--json`, one schema a command. Their JSON Schemas are in schemas/output/. */
import * as z from 'zod/mini';
import { echo } from '../../core/echo/echo.js';
import { interchangeDocuments } from './interchange.js';
import { contradiction, difference, furtherPages, pages, problem, session, verdict, ways } from './pieces.js';
import { rehearseDocuments } from './rehearse.js';
import { runDocuments } from './run.js';
import { secretDocuments } from './secrets.js';
import { documentVersion } from './version.js';

const source = z.strictObject({
  name: z.string(),
  format: z.string(),
  formatVersion: z.string(),
  title: z.string(),
  operations: z.number(),
  types: z.number(),
  servers: z.array(
    z.strictObject({
      url: z.string(),
      description: z.nullable(z.string()),
      variables: z.array(z.strictObject({ name: z.string(), default: z.string(), allowed: z.array(z.string()) })),
    }),
  ),
  webhooks: z.array(z.string()),
  warnings: z.array(z.strictObject({ at: z.string(), what: z.string() })),
  file: z.string(),
  source: z.nullable(z.string()),
  fetched: z.nullable(z.string()),
});

const found = z.strictObject({
  operation: z.string(),
  method: z.string(),
  path: z.string(),
  summary: z.nullable(z.string()),
  score: z.number(),
  in: z.array(z.string()),
});

const named = z.strictObject({ name: z.string(), value: z.any(), origin: z.string() });
const line = z.strictObject({ name: z.string(), value: z.string(), origin: z.string() });

const draftedRequest = { request: z.string(), file: z.string(), operation: z.string() };
const draftedSession = z.strictObject({
  session: z.string(),
  file: z.string(),
  kind: z.string(),
  /** Names of the secrets that it uses. */
  secrets: z.array(z.string()),
  /** Origins that it sends to, which the environment has to list. */
  origins: z.array(z.string()),
});

export const documents = {
  init: z.strictObject({ folder: z.string(), files: z.array(z.string()) }),
  'docs add': source,
  'docs list': z.strictObject({ sources: z.array(source) }),
  'docs list operations': z.strictObject({
    operations: z.array(
      z.strictObject({
        operation: z.string(),
        method: z.string(),
        path: z.string(),
        group: z.nullable(z.string()),
        summary: z.nullable(z.string()),
        deprecated: z.boolean(),
      }),
    ),
  }),
  'docs find': z.strictObject({
    words: z.array(z.string()),
    complete: z.boolean(),
    read: z.record(z.string(), z.string()),
    operations: z.array(found),
  }),
  'docs show': z.strictObject({
    operation: z.optional(z.record(z.string(), z.any())),
    type: z.optional(z.record(z.string(), z.any())),
  }),
  'docs refresh': z.strictObject({
    accepted: z.boolean(),
    sources: z.array(
      z.strictObject({
        source: z.string(),
        operations: z.array(
          z.strictObject({
            operation: z.string(),
            kind: z.enum(['added', 'removed', 'changed']),
            fields: z.array(
              z.strictObject({ at: z.string(), kind: z.string(), what: z.string(), breaks: z.boolean() }),
            ),
            requests: z.array(z.string()),
            trails: z.array(z.string()),
          }),
        ),
      }),
    ),
  }),
  'docs tree': z.strictObject({ sources: z.array(z.strictObject({ source: z.string(), tree: z.array(z.any()) })) }),
  draft: z.strictObject({
    ...draftedRequest,
    /** The file of the signature that was proposed. */
    signature: z.nullable(z.string()),
    /** Sessions that were written, from the security schemes that the operation requires. */
    sessions: z.array(draftedSession),
  }),
  'draft many': z.strictObject({
    drafted: z.array(z.strictObject(draftedRequest)),
    /** Those that were not written, and why. */
    passed: z.array(z.strictObject({ operation: z.string(), why: z.string() })),
    signatures: z.array(z.string()),
    sessions: z.array(draftedSession),
  }),
  'draft session': draftedSession,
  'docs ask': z.strictObject({
    parameters: z.array(
      z.strictObject({
        parameter: z.string(),
        from: z.string(),
        asked: z.string(),
        values: z.optional(z.array(z.union([z.string(), z.number(), z.boolean()]))),
        fields: z.optional(z.array(z.string())),
        operators: z.optional(z.array(z.string())),
        changed: z.boolean(),
      }),
    ),
  }),
  'import address': z.strictObject({
    file: z.string(),
    path: z.string(),
    query: z.array(z.strictObject({ name: z.string(), value: z.string() })),
    joined: z.string(),
  }),
  ...interchangeDocuments,
  follow: z.strictObject({
    echo: z.string(),
    links: z.array(
      z.strictObject({ number: z.number(), url: z.string(), at: z.string(), about: z.nullable(z.string()) }),
    ),
  }),
  compare: z.strictObject({
    same: z.boolean(),
    differences: z.array(difference),
  }),
  'env make': z.strictObject({ name: z.string(), file: z.string(), origin: z.string() }),
  'env list': z.strictObject({
    environments: z.array(
      z.strictObject({
        name: z.string(),
        about: z.nullable(z.string()),
        chosen: z.boolean(),
        changes: z.string(),
        origin: z.nullable(z.string()),
      }),
    ),
  }),
  'env show': z.strictObject({
    name: z.string(),
    changes: z.string(),
    ways,
    names: z.array(named),
    held: z.array(named),
  }),
  ...secretDocuments,
  'session list': z.strictObject({ sessions: z.array(session) }),
  'session show': session,
  preview: z.strictObject({
    ways,
    method: z.string(),
    url: z.string(),
    query: z.array(z.strictObject({ name: z.string(), value: z.string() })),
    headers: z.array(line),
    body: z.nullable(z.strictObject({ type: z.string(), size: z.nullable(z.number()), text: z.string() })),
    names: z.array(named),
    warnings: z.array(z.string()),
    undocumented: z.array(z.strictObject({ at: z.string(), what: z.string() })),
    opens: z.array(z.string()),
    signature: z.nullable(
      z.strictObject({
        name: z.string(),
        steps: z.array(
          z.strictObject({
            name: z.string(),
            part: z.enum(['value', 'header', 'query', 'body']),
            secret: z.boolean(),
            value: z.nullable(z.string()),
          }),
        ),
      }),
    ),
    against: z.optional(
      z.strictObject({
        name: z.string(),
        same: z.boolean(),
        difference: z.nullable(
          z.strictObject({
            line: z.number(),
            column: z.number(),
            ours: z.nullable(z.string()),
            theirs: z.nullable(z.string()),
            cause: z.nullable(z.string()),
            further: z.array(z.strictObject({ line: z.number(), cause: z.nullable(z.string()) })),
          }),
        ),
      }),
    ),
  }),
  send: z.strictObject({
    ok: z.boolean(),
    request: z.nullable(z.string()),
    method: z.string(),
    url: z.string(),
    status: z.nullable(z.number()),
    reason: z.nullable(z.string()),
    headers: z.array(z.tuple([z.string(), z.string()])),
    body: z.any(),
    phases: z.record(z.string(), z.number()),
    size: z.number(),
    finalUrl: z.nullable(z.string()),
    finalMethod: z.optional(z.string()),
    hops: z.optional(
      z.array(
        z.strictObject({ status: z.number(), url: z.string(), method: z.string(), dropped: z.array(z.string()) }),
      ),
    ),
    expectations: z.array(verdict),
    kept: z.record(z.string(), z.any()),
    warnings: z.array(z.string()),
    contradiction: z.optional(contradiction),
    accessDenied: z.optional(
      z.strictObject({
        kind: z.enum(['refused', 'forbidden']),
        sent: z.array(z.string()),
        said: z.array(z.string()),
        clock: z.nullable(z.string()),
        remedies: z.array(z.string()),
      }),
    ),
    pages: z.optional(pages),
    furtherPages: z.optional(furtherPages),
    /** Where a body is that is too long to stand here. */
    bodyFile: z.optional(z.string()),
    undocumented: z.array(z.strictObject({ at: z.string(), what: z.string() })),
    againstDocs: z.optional(z.array(z.strictObject({ at: z.string(), what: z.string() }))),
    takenBackBy: z.optional(
      z.strictObject({ request: z.string(), trail: z.string(), give: z.record(z.string(), z.nullable(z.string())) }),
    ),
    problems: z.array(problem),
    echo: z.string(),
  }),
  ...runDocuments,
  ...rehearseDocuments,
  'echo list': z.strictObject({
    echoes: z.array(
      z.strictObject({
        id: z.string(),
        at: z.string(),
        environment: z.string(),
        request: z.nullable(z.string()),
        method: z.string(),
        url: z.string(),
        status: z.nullable(z.number()),
        time: z.nullable(z.number()),
        ok: z.boolean(),
      }),
    ),
  }),
  'echo show': echo,
  completion: z.strictObject({ shell: z.string(), script: z.string() }),
  'completion choices': z.strictObject({
    /** The shell knows best which files there are. */
    files: z.boolean(),
    choices: z.array(z.strictObject({ text: z.string(), about: z.nullable(z.string()) })),
  }),
  'env use': z.strictObject({ environment: z.nullable(z.string()), shared: z.boolean() }),
  'list inputs': z.strictObject({
    request: z.string(),
    method: z.string(),
    url: z.string(),
    operation: z.nullable(z.string()),
    inputs: z.array(
      z.strictObject({
        name: z.string(),
        type: z.nullable(z.string()),
        required: z.boolean(),
        default: z.nullable(z.any()),
        choices: z.array(z.any()),
        source: z.nullable(z.string()),
        about: z.nullable(z.string()),
        secret: z.boolean(),
      }),
    ),
  }),
  'echo prune': z.strictObject({ echoes: z.number(), journals: z.number() }),
  list: z.strictObject({
    requests: z.array(z.string()),
    trails: z.array(z.string()),
    environments: z.array(z.string()),
    sessions: z.array(z.string()),
    signatures: z.array(z.string()),
  }),
  check: z.strictObject({
    environments: z.array(z.strictObject({ name: z.string(), ways })),
    files: z.number(),
    errors: z.number(),
    warnings: z.number(),
    findings: z.array(
      z.strictObject({
        rule: z.string(),
        severity: z.enum(['error', 'warning']),
        file: z.string(),
        line: z.nullable(z.number()),
        column: z.nullable(z.number()),
        what: z.string(),
        remedy: z.nullable(z.string()),
      }),
    ),
  }),
} as const;

/** As they are printed. */
export const printedDocuments = Object.fromEntries(
  Object.entries(documents).map(([name, schema]) => [name, withVersion(schema)]),
) as { readonly [K in keyof typeof documents]: (typeof documents)[K] };

/** Records of a run are what they are on disk: the first says its version. */
function withVersion(schema: z.ZodMiniType): z.ZodMiniType {
  if (!(schema instanceof z.ZodMiniObject) || 'event' in schema.shape) return schema;
  return z.extend(schema, { version: z.literal(documentVersion) }) as z.ZodMiniType;
}

export type Documents = { [K in keyof typeof documents]: z.infer<(typeof documents)[K]> };
