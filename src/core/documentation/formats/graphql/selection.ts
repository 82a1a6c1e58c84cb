/** The document of a drafted call: its variables and a selection of the response. */
import { action } from '../../../problem/actions.js';
import { nearestHint } from '../../../problem/nearest.js';
import { Problem } from '../../../problem/problem.js';
import { type Budget, fullBudget } from '../../model/budget.js';
import type { Definitions, GraphqlCall } from '../../model/model.js';
import { bareName, isRequired, type SchemaField, typeOf } from './schema.js';

export interface SelectionSettings {
  /** Levels below the field; the wrapping of a connection (edges, node) does not count. */
  readonly depth: number;
  /** Only these, such as `name` or `berth.code`. */
  readonly fields?: readonly string[] | undefined;
}

/** Levels of the response that are asked for by default, as far as the document stays readable. */
const usualDepth = 2;
const mostLines = 100;

/** Types that wrap others by the Relay connection convention. */
const wrapping = new Set(['edges', 'node', 'nodes', 'pageInfo']);

/**
 * @param variables those of the arguments that are given
 * @throws Problem usage: a field that the type does not have
 */
export function callDocument(
  { root, field, returns, arguments: args }: GraphqlCall,
  definitions: Definitions,
  variables: readonly string[],
  { depth, fields }: Partial<SelectionSettings>,
): string {
  const used = args.filter(({ name }) => variables.includes(name));
  // An argument that has a default takes a variable that may be left out (GraphQL, section 5.8.5).
  const declared = used
    .map(({ name, type, optional }) => `$${name}: ${optional ? type.replace(/!$/, '') : type}`)
    .join(', ');
  const given = used.map(({ name }) => `${name}: $${name}`).join(', ');
  const chosen = fields
    ? chosenSelection(
        returns,
        fields.map((one) => one.split('.')),
        definitions,
        field,
      )
    : wholeSelection(
        returns,
        definitions,
        depth === undefined ? usualExtent(returns, definitions) : { depth, shapes: true },
        [],
        fullBudget(),
      );
  const head = `${root} ${field}${declared === '' ? '' : `(${declared})`}`;
  const call = `${field}${given === '' ? '' : `(${given})`}`;
  const body = chosen.length === 0 ? [`  ${call}`] : [`  ${call} {`, ...indented(chosen, 2), '  }'];
  return [`${head} {`, ...body, '}'].join('\n');
}

const indented = (lines: readonly string[], levels: number): string[] =>
  lines.map((line) => '  '.repeat(levels) + line);

/** How much is selected: levels, and whether each type of an interface or a union has a selection of its own. */
interface Extent {
  readonly depth: number;
  readonly shapes: boolean;
}

/** As deep as fits; of a union of very many types, at last only its name. */
export function usualExtent(written: string, definitions: Definitions): Extent {
  for (let depth = usualDepth; depth >= 0; depth -= 1) {
    const extent = { depth, shapes: true };
    if (wholeSelection(written, definitions, extent, [], fullBudget()).length <= mostLines) return extent;
  }
  return { depth: 0, shapes: false };
}

/** Everything that needs no argument, to the depth. */
function wholeSelection(
  written: string,
  definitions: Definitions,
  extent: Extent,
  above: readonly string[],
  budget: Budget,
): string[] {
  const type = typeOf(definitions, bareName(written));
  if (!type || type.kind === 'scalar' || type.kind === 'enumeration' || type.kind === 'input') return [];
  const inside = [...above, type.name];
  const own = (type.fields ?? [])
    .filter(isAsked)
    .flatMap((field) => oneField(field, definitions, extent, inside, budget));
  const known = new Set((type.fields ?? []).map((field) => field.name));
  const types = new Map<string, string>();
  const shapes = (extent.shapes ? (type.possible ?? []) : []).flatMap((name) => {
    const inner = (typeOf(definitions, name)?.fields ?? [])
      .filter((field) => !known.has(field.name) && isAsked(field))
      .flatMap((field) => {
        const lines = oneField(field, definitions, extent, [...inside, name], budget);
        const before = types.get(field.name);
        if (before === undefined && lines.length > 0) types.set(field.name, field.type);
        // Two types of one name cannot stand in one response (GraphQL, section 5.3.2).
        const [first = '', ...rest] = lines;
        return before === undefined || before === field.type ? lines : [`${field.name}Of${name}: ${first}`, ...rest];
      });
    return inner.length === 0 ? [] : [`... on ${name} {`, ...indented(inner, 1), '}'];
  });
  const lines = [...(type.kind === 'object' ? [] : ['__typename']), ...own, ...shapes];
  return lines.length === 0 ? ['__typename'] : lines;
}

/** What is deprecated, or wants an argument, is asked for by name alone. */
export const isAsked = ({ args = [], deprecated }: SchemaField): boolean =>
  !args.some(isRequired) && deprecated === undefined;

/** Levels that are left below a field that has members; none below zero. */
export const levelsBelow = ({ name }: SchemaField, depth: number): number => (wrapping.has(name) ? depth : depth - 1);

function oneField(
  field: SchemaField,
  definitions: Definitions,
  { depth, shapes }: Extent,
  above: readonly string[],
  budget: Budget,
): string[] {
  budget.left -= 1;
  const type = typeOf(definitions, bareName(field.type));
  if (!type || type.kind === 'scalar' || type.kind === 'enumeration') return [field.name];
  const left = levelsBelow(field, depth);
  if (left < 0 || budget.left <= 0 || above.includes(type.name)) return [];
  const inner = wholeSelection(field.type, definitions, { depth: left, shapes }, above, budget);
  return [`${field.name} {`, ...indented(inner, 1), '}'];
}

/** Only what was asked for; of an object at the end of a path, its plain fields. */
function chosenSelection(written: string, paths: readonly string[][], definitions: Definitions, at: string): string[] {
  const type = typeOf(definitions, bareName(written));
  const groups = new Map<string, string[][]>();
  for (const [first, ...rest] of paths)
    if (first !== undefined) groups.set(first, [...(groups.get(first) ?? []), rest]);
  return [...groups].flatMap(([name, rests]) => {
    const field = type?.fields?.find((one) => one.name === name);
    if (!field) {
      throw new Problem('usage', {
        what: `${at} (${written}) has no field ${name}`,
        remedy:
          nearestHint(
            name,
            (type?.fields ?? []).map((one) => one.name),
          ) ?? action().showType(bareName(written)),
      });
    }
    const deeper = rests.filter((rest) => rest.length > 0);
    const inner =
      deeper.length > 0
        ? chosenSelection(field.type, deeper, definitions, `${at}.${name}`)
        : wholeSelection(field.type, definitions, { depth: 0, shapes: true }, [], fullBudget());
    return inner.length === 0 ? [name] : [`${name} {`, ...indented(inner, 1), '}'];
  });
}
