/** A documentation source as `--json` gives it. */
import type { DocumentationSource } from '../../../core/collection/sources/source-facts.js';
import type { Documents } from '../../documents/documents.js';

export function sourceDocument({
  name,
  format,
  version: edition,
  title,
  operations,
  types,
  servers,
  webhooks,
  warnings,
  file,
  source,
  fetched,
}: DocumentationSource): Documents['docs add'] {
  return {
    name,
    format,
    formatVersion: edition,
    title,
    operations,
    types,
    servers: servers.map(({ url, description, variables }) => ({
      url,
      description: description ?? null,
      variables: variables.map((one) => ({ ...one, allowed: [...one.allowed] })),
    })),
    webhooks: [...webhooks],
    warnings: [...warnings],
    file,
    source: source ?? null,
    fetched: fetched ?? null,
  };
}
