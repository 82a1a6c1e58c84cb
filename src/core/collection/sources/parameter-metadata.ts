/**
 * What a vendor's API itself says of a parameter: the values it takes, or the fields and operators of its filter. The
 * manifest names the requests that ask for it; `docs ask` sends them, and keeps what came beside the snapshot.
 */

import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as z from 'zod/mini';
import { quotesSaid } from '../../documentation/model/filter-clause.js';
import type { Operation, Parameter } from '../../documentation/model/model.js';
import { action } from '../../problem/actions.js';
import { Problem } from '../../problem/problem.js';
import { writeAtomically } from '../../storage/atomic-write.js';
import { pathInside, placeInside } from '../../storage/inside.js';
import { parameterMetadataPath } from './snapshot.js';
import type { SourceCatalogue } from './source-catalogue.js';

const said = z.strictObject({
  /** The request that asked. */
  from: z.string(),
  /** YYYY-MM-DD. */
  asked: z.string(),
  values: z.optional(z.array(z.union([z.string(), z.number(), z.boolean()]))),
  fields: z.optional(z.array(z.string())),
  operators: z.optional(z.array(z.string())),
});
const parameterMetadataFile = z.record(z.string(), said);

export type Said = z.infer<typeof said>;
/** By `OPERATION.PARAMETER`. */
export type ParameterMetadata = Readonly<Record<string, Said>>;

/** Empty where nothing was asked yet. @throws Problem file-shape */
export function readParameterMetadata({ root }: SourceCatalogue, source: string): ParameterMetadata {
  const file = parameterMetadataPath(source);
  if (!existsSync(join(root, file))) return {};
  try {
    return parameterMetadataFile.parse(JSON.parse(readFileSync(pathInside(root, file), 'utf8')));
  } catch (error) {
    if (error instanceof Problem) throw error;
    throw new Problem('file-shape', {
      what: `${file} does not hold what docs ask writes`,
      where: { file },
      remedy: `${action().askParameters(source)} writes it again`,
    });
  }
}

export async function writeParameterMetadata(
  { root }: SourceCatalogue,
  source: string,
  metadata: ParameterMetadata,
): Promise<void> {
  await writeAtomically(placeInside(root, parameterMetadataPath(source)), `${JSON.stringify(metadata, null, 2)}\n`);
}

/** An operation with what was asked about its parameters. */
export function withParameterMetadata(operation: Operation, metadata: ParameterMetadata): Operation {
  const parameters = operation.parameters.map((one): Parameter => {
    const own = metadata[`${operation.id}.${one.name}`];
    if (!own) return one;
    const { values, fields = [], operators = [], from, asked } = own;
    return {
      ...one,
      ...(values && { allowed: values }),
      ...(fields.length + operators.length > 0 && { clauses: { fields, operators, ...quotesSaid(one.description) } }),
      from: `asked by ${from}, ${asked}`,
    };
  });
  return { ...operation, parameters };
}
