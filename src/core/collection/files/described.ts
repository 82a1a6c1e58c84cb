/** A schema with the sentence that its reference page and the completion in editors show. */
import { globalRegistry, type ZodMiniType } from 'zod/mini';

export function described<T extends ZodMiniType>(schema: T, description: string): T {
  // A copy: pieces such as "a map of values" are described again wherever they are used.
  const own = schema.clone() as T;
  globalRegistry.add(own, { description });
  return own;
}
