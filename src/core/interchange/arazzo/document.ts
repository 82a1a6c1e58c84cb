/** The parts of an Arazzo 1.0.1 document that are read here; extensions and all else is left alone. */
import { parse } from 'yaml';
import * as z from 'zod/mini';
import { Problem } from '../../problem/problem.js';

const criterion = z.looseObject({
  context: z.optional(z.string()),
  condition: z.string(),
  type: z.optional(z.union([z.string(), z.looseObject({ type: z.string() })])),
});

const action = z.looseObject({
  name: z.optional(z.string()),
  type: z.optional(z.string()),
  retryAfter: z.optional(z.number()),
  retryLimit: z.optional(z.number()),
  reference: z.optional(z.string()),
});

const parameter = z.looseObject({
  name: z.optional(z.string()),
  in: z.optional(z.string()),
  value: z.optional(z.any()),
  reference: z.optional(z.string()),
});

const arazzoStep = z.looseObject({
  stepId: z.string(),
  description: z.optional(z.string()),
  operationId: z.optional(z.string()),
  operationPath: z.optional(z.string()),
  workflowId: z.optional(z.string()),
  parameters: z.optional(z.array(parameter)),
  requestBody: z.optional(
    z.looseObject({
      contentType: z.optional(z.string()),
      payload: z.optional(z.any()),
      replacements: z.optional(z.array(z.any())),
    }),
  ),
  successCriteria: z.optional(z.array(criterion)),
  onSuccess: z.optional(z.array(action)),
  onFailure: z.optional(z.array(action)),
  outputs: z.optional(z.record(z.string(), z.string())),
  'x-session': z.optional(z.union([z.string(), z.array(z.string())])),
});
export type ArazzoStep = z.infer<typeof arazzoStep>;

const arazzoDocument = z.looseObject({
  arazzo: z.string(),
  info: z.looseObject({ title: z.string(), summary: z.optional(z.string()) }),
  sourceDescriptions: z
    .array(z.looseObject({ name: z.string(), url: z.string(), type: z.optional(z.string()) }))
    .check(z.minLength(1)),
  workflows: z
    .array(
      z.looseObject({
        workflowId: z.string(),
        summary: z.optional(z.string()),
        description: z.optional(z.string()),
        inputs: z.optional(z.looseObject({ properties: z.optional(z.record(z.string(), z.any())) })),
        dependsOn: z.optional(z.array(z.string())),
        steps: z.array(arazzoStep).check(z.minLength(1)),
        outputs: z.optional(z.record(z.string(), z.string())),
        parameters: z.optional(z.array(parameter)),
      }),
    )
    .check(z.minLength(1)),
});
export type ArazzoDocument = z.infer<typeof arazzoDocument>;

/** @throws Problem import-unreadable */
export function readArazzo(text: string, name: string): ArazzoDocument {
  let given: unknown;
  try {
    // Anchors that refer to each other could make a small file very large.
    given = parse(text.replace(/^\uFEFF/, ''), { maxAliasCount: 100 });
  } catch (error) {
    throw new Problem('import-unreadable', {
      what: `${name} is neither YAML nor JSON`,
      where: { file: name },
      cause: (error as Error).message.split('\n')[0],
    });
  }
  const read = arazzoDocument.safeParse(given);
  if (read.success && /^1\.0\.\d+$/.test(read.data.arazzo)) return read.data;
  const [issue] = read.error?.issues ?? [];
  throw new Problem('import-unreadable', {
    what: `${name} is not an Arazzo 1.0 document`,
    where: { file: name },
    cause: issue ? `${issue.path.join('.')}: ${issue.message}` : `arazzo: ${read.data?.arazzo}`,
  });
}
