/** The steps of a trail that makes foreign requests again, each value given where it was, or taken from where it came. */
import { plainValue } from '../../collection/yaml-text.js';
import { equalValues as equal } from '../../value/equal.js';
import type { Value } from '../../value/written.js';
import type { ResponseValues } from './chain.js';
import type { Group, GroupContent, Member } from './groups.js';
import { camel, freeCamel } from './names.js';

export interface Steps {
  readonly steps: readonly Record<string, unknown>[];
  /** Values that several steps share, and that no response said. */
  readonly inputs: ReadonlyMap<string, { readonly default?: Value }>;
  /** What is kept because a later request repeats it. */
  readonly guesses: readonly { readonly step: number; readonly name: string }[];
}

interface Made {
  readonly groups: readonly Group[];
  readonly made: readonly GroupContent[];
  readonly values: ResponseValues;
  readonly requestAt: (index: number) => string;
}

interface KeptValue {
  readonly name: string;
  readonly place: string;
}

export function stepsOf(members: readonly Member[], { groups, made, values, requestAt }: Made): Steps {
  const own = members.map((member) => givenBy(member, groups, made));
  const shared = sharedInputs(own, values);
  const keeps = new Map<number, KeptValue[]>();
  const sources = new Map<number, Map<string, string>>();
  const taken = new Set(shared.keys());
  const names = new Map<string, string>();
  for (const [at, { index }] of members.entries()) {
    for (const [input, value] of own[at]?.given ?? []) {
      const found = values.where(value);
      if (!found || found.step >= index) continue;
      const from = members.findIndex((one) => one.index === found.step);
      if (from === -1) continue;
      const key = `${found.step} ${found.place}`;
      let name = names.get(key);
      if (name === undefined) {
        name = freeCamel(found.filter ? camel(`${input}-${found.name}`) : input, (one) => taken.has(one));
        taken.add(name);
        names.set(key, name);
        keeps.set(from, [...(keeps.get(from) ?? []), { name, place: found.place }]);
      }
      const filter = found.filter === undefined ? '' : ` | ${found.filter}`;
      sources.set(at, (sources.get(at) ?? new Map()).set(input, `\${${name}${filter}}`));
    }
  }
  const known = new Map<string, Value>(shared);
  const steps = members.map((member, at) => {
    const { given, defaults } = own[at] as Given;
    const give: Record<string, unknown> = {};
    for (const [input, value] of given) {
      const source = sources.get(at)?.get(input);
      const implied = known.has(input) ? known.get(input) : defaults.get(input);
      // A name that the trail has wins over the default of the request.
      if (source !== undefined && source !== `\${${input}}`) give[input] = source;
      else if (source === undefined && (implied === undefined || !equal(implied, value)))
        give[input] = plainValue(value);
    }
    const kept = keeps.get(at) ?? [];
    for (const { name } of kept) known.set(name, heldBy(name, members, own, sources) ?? '');
    const { response } = member.request;
    const statuses = new Set(
      groupOf(groups, member)?.members.flatMap((one) => one.request.response?.status ?? []) ?? [],
    );
    return {
      send: requestAt(member.index),
      ...(Object.keys(give).length > 0 && { give }),
      ...(response && statuses.size > 1 && { expect: { status: response.status } }),
      ...(kept.length > 0 && { keep: Object.fromEntries(kept.map(({ name, place }) => [name, place])) }),
    };
  });
  const guesses = [...keeps].flatMap(([step, all]) => all.map(({ name }) => ({ step, name })));
  const inputs = new Map<string, { default?: Value }>([...shared].map(([name, value]) => [name, { default: value }]));
  for (const { open } of own) for (const name of open) if (!inputs.has(name) && !taken.has(name)) inputs.set(name, {});
  return { steps, inputs, guesses };
}

interface Given {
  readonly given: ReadonlyMap<string, Value>;
  readonly defaults: ReadonlyMap<string, Value>;
  /** Inputs that have no value. */
  readonly open: readonly string[];
}

const groupOf = (groups: readonly Group[], member: Member): Group | undefined =>
  groups.find((group) => group.members.includes(member));

function givenBy(member: Member, groups: readonly Group[], made: readonly GroupContent[]): Given {
  const at = groups.findIndex((group) => group.members.includes(member));
  const { given, inputs } = made[at] as GroupContent;
  const place = groups[at]?.members.indexOf(member) ?? 0;
  const defaults = [...inputs].flatMap(([name, { default: value }]) =>
    value === undefined ? [] : [[name, value] as const],
  );
  const open = [...inputs].flatMap(([name, { default: value }]) => (value === undefined ? [name] : []));
  return { given: given[place] ?? new Map(), defaults: new Map(defaults), open };
}

/** One value under one name in several steps is an input of the trail. */
function sharedInputs(own: readonly Given[], values: ResponseValues): Map<string, Value> {
  const uses = new Map<string, { readonly value: Value; count: number; same: boolean }>();
  for (const { given } of own)
    for (const [name, value] of given) {
      const before = uses.get(name);
      if (!before) uses.set(name, { value, count: 1, same: true });
      else if (equal(before.value, value)) before.count += 1;
      else before.same = false;
    }
  return new Map(
    [...uses]
      .filter(([, { value, count, same }]) => count > 1 && same && !values.where(value))
      .map(([name, { value }]) => [name, value]),
  );
}

/** What a kept name holds, as far as a step repeats it. */
function heldBy(
  name: string,
  members: readonly Member[],
  own: readonly Given[],
  sources: ReadonlyMap<number, ReadonlyMap<string, string>>,
): Value | undefined {
  for (const at of members.keys())
    for (const [input, source] of sources.get(at) ?? []) if (source === `\${${name}}`) return own[at]?.given.get(input);
  return undefined;
}
