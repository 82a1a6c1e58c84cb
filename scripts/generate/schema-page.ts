/** The reference of the collection's files, from their JSON Schemas. */

export interface JsonSchema {
  readonly description?: string;
  readonly type?: string;
  readonly properties?: Readonly<Record<string, JsonSchema>>;
  readonly required?: readonly string[];
  readonly additionalProperties?: JsonSchema | boolean;
  readonly items?: JsonSchema;
  readonly anyOf?: readonly JsonSchema[];
  readonly oneOf?: readonly JsonSchema[];
  readonly enum?: readonly string[];
  readonly const?: unknown;
}

const where: Readonly<Record<string, string>> = {
  manifest: '`echo-trail.yaml`',
  request: '`requests/**.yaml`',
  environment: '`environments/*.yaml`',
  session: '`sessions/*.yaml`',
  signature: '`signatures/*.yaml`',
  trail: '`trails/*.yaml`',
  defaults: '`requests/**/defaults.yaml`',
};

/** @throws Error: a kind of file was added, and its place was not */
function placeOf(name: string): string {
  const place = where[name];
  if (place === undefined) throw new Error(`where do files of the kind ${name} lie?`);
  return place;
}

export function filesPage(schemas: Readonly<Record<string, JsonSchema>>): string {
  const parts = Object.entries(schemas).map(
    ([name, schema]) => `## ${name}: ${placeOf(name)}\n\n${schema.description ?? ''}\n\n${tables(schema)}`,
  );
  return `# The files of a collection, key by key\n\nMade from the schemas that the program itself checks files with (\`npm run generate\`).\n\n${parts.join('\n\n')}\n`;
}

function tables(schema: JsonSchema): string {
  const kinds = schema.anyOf ?? schema.oneOf;
  if (!kinds) return table(schema);
  return kinds.map((one) => `${kindOf(one)}${one.description ?? ''}\n\n${table(one)}`).join('\n\n');
}

/** A heading for those that are told apart by their `kind`. */
function kindOf({ properties }: JsonSchema): string {
  const kind = properties?.kind?.const ?? properties?.kind?.anyOf?.find((one) => one.const !== undefined)?.const;
  return kind === undefined ? '' : `### \`kind: ${String(kind)}\`\n\n`;
}

function table(schema: JsonSchema): string {
  const rows: string[] = [];
  const add = (one: JsonSchema, prefix: string, depth: number): void => {
    for (const [key, value] of Object.entries(one.properties ?? {})) {
      const needed = one.required?.includes(key) ? ' (required)' : '';
      rows.push(
        `| \`${prefix}${key}\`${needed} | ${typeText(value)} | ${(value.description ?? '').replaceAll('|', '\\|')} |`,
      );
      if (depth < 4) below(value, `${prefix}${key}`, depth);
    }
  };
  const below = (value: JsonSchema, path: string, depth: number): void => {
    if (value.properties) add(value, `${path}.`, depth + 1);
    else if (value.anyOf ?? value.oneOf) for (const one of value.anyOf ?? value.oneOf ?? []) below(one, path, depth);
    else if (value.items) below(value.items, `${path}[]`, depth);
    else if (typeof value.additionalProperties === 'object') below(value.additionalProperties, `${path}.NAME`, depth);
  };
  add(schema, '', 0);
  return ['| key | value | meaning |', '|---|---|---|', ...rows].join('\n');
}

function typeText(schema: JsonSchema): string {
  if (schema.enum) return schema.enum.map((value) => `\`${value}\``).join(' ');
  if (schema.const !== undefined) return `\`${String(schema.const)}\``;
  const kinds = schema.anyOf ?? schema.oneOf;
  if (kinds) return [...new Set(kinds.map(typeText))].join(' or ');
  switch (schema.type) {
    case 'string':
      return 'text';
    case 'integer':
      return 'whole number';
    case 'boolean':
      return 'true or false';
    case 'array':
      return `list of ${schema.items ? typeText(schema.items) : 'values'}`;
    case 'object':
      return schema.properties ? 'map' : 'map of names';
    default:
      return schema.type ?? 'any value';
  }
}
