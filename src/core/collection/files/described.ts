/** A schema with the sentence that its reference page and the completion in editors show. */
import { globalRegistry, type ZodMiniType } from 'zod/mini';

export function described<T extends ZodMiniType>(schema: T, description: string): T {
  globalRegistry.add(schema, { description });
  return schema;
}
