/** The ways out of the environments that a secret is for. */
import type { Collection } from '../../../core/collection/collection.js';
import type { Settings } from '../../../core/collection/variables/variable-scopes.js';
import { type WaysOut, waysOfEnvironment } from '../../../core/exchange/hosts/ways-out.js';

/**
 * @param environment undefined for all: one that cannot be read is left out, and the secret is not used there
 * @throws Problem about the environment that is named
 */
export async function boundWays(
  collection: Collection,
  environment: string | undefined,
  settings: Settings,
): Promise<Record<string, WaysOut>> {
  if (environment !== undefined)
    return { [environment]: (await waysOfEnvironment(collection, environment, settings)).ways };
  const all: Record<string, WaysOut> = {};
  for (const name of collection.names('environment')) {
    const known = await waysOfEnvironment(collection, name, settings).catch(() => undefined);
    if (known && !known.origins.any) all[name] = known.ways;
  }
  return all;
}
