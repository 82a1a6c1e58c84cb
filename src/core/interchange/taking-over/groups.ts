/** Requests of one shape, and what of them is given from outside: their inputs, with the values that each had. */

import { isSecretName } from '../../value/secret-fields.js';
import { textOf } from '../../value/text.js';
import { plain, type Value } from '../../value/written.js';
import { hiddenHole } from '../foreign/holes.js';
import type { ForeignRequest } from '../foreign/request.js';
import { type ContentSettings, requestContent } from './content.js';
import type { Credential } from './credentials.js';
import { camel, freeCamel, holeName } from './names.js';
import type { Fill, Filling, Slot } from './slots.js';

/** One request as it was made. */
export interface Member {
  /** Its place among all. */
  readonly index: number;
  readonly request: ForeignRequest;
  readonly credentials: readonly Credential[];
}

export interface Group {
  readonly members: readonly Member[];
  readonly segmentNames: ReadonlyMap<number, string> | undefined;
  readonly operation: string | undefined;
}

/** The names of secrets, by what is secret: one value has one name, in every file. */
export class SecretNames {
  private readonly byValue = new Map<string, string>();
  private readonly taken = new Set<string>();

  /** @param wanted what it is called where it stands */
  of(value: string, wanted: string): string {
    const known = this.byValue.get(value);
    if (known !== undefined) return known;
    const name = freeCamel(camel(wanted.replace(/^x[-_]/i, '')), (one) => this.taken.has(one));
    this.taken.add(name);
    this.byValue.set(value, name);
    return name;
  }

  /** Of a hole: it is called what whoever wrote it called it. */
  named(hole: string): string {
    const name = holeName(hole);
    this.taken.add(name);
    return name;
  }

  /** In the order in which they were met. */
  get names(): readonly string[] {
    return [...this.taken];
  }
}

export interface GroupContent {
  readonly content: Record<string, unknown>;
  /** By its name; without a default where nobody said a value. */
  readonly inputs: ReadonlyMap<string, { readonly default?: Value }>;
  /** What each member gave, in their order. */
  readonly given: readonly ReadonlyMap<string, Value>[];
}

type Settings = Omit<ContentSettings, 'fill' | 'segmentNames'>;

/** The values of one request by the keys of their slots. */
function slotsOf(
  request: ForeignRequest,
  { segmentNames }: Group,
  settings: Settings,
): ReadonlyMap<string, [Slot, Value]> {
  const found = new Map<string, [Slot, Value]>();
  const fill: Fill = Object.assign(
    (slot: Slot, value: Value): Filling => {
      found.set(slot.key, [slot, value]);
      return undefined;
    },
    { hole: (name: string) => ({ input: name }) },
  );
  requestContent(request, { ...settings, segmentNames, fill });
  return found;
}

/** The content of the file for all members, without its session, its expectations and what it keeps. */
export function groupContent(group: Group, secrets: SecretNames, settings: Settings): GroupContent {
  const each = group.members.map(({ request }) => slotsOf(request, group, settings));
  const inputs = new Map<string, { default?: Value }>();
  const ofSlot = new Map<string, string>();
  const given = group.members.map(() => new Map<string, Value>());
  const varies = (key: string): boolean => new Set(each.map((slots) => textOfValue(slots.get(key)?.[1]))).size > 1;
  const fill: Fill = Object.assign(
    (slot: Slot, value: Value): Filling => {
      const known = ofSlot.get(slot.key);
      if (known !== undefined) return { input: known };
      if (slot.secret && typeof value === 'string' && value !== '') return { secret: secrets.of(value, slot.name) };
      if (slot.kind !== 'path' && !(each.length > 1 && varies(slot.key))) return undefined;
      // A header that varies, such as a key of a call, is a value of its own for each.
      const name = freeCamel(camel(slot.name), (one) => inputs.has(one));
      ofSlot.set(slot.key, name);
      inputs.set(name, { default: value });
      for (const [index, slots] of each.entries()) given[index]?.set(name, slots.get(slot.key)?.[1] ?? value);
      return { input: name };
    },
    {
      hole(name: string, slot: Slot) {
        if (name === hiddenHole) return { secret: secrets.named(slot.name) };
        if (slot.secret || isSecretName(name) || /(?:^|[_-])key$/i.test(name)) return { secret: secrets.named(name) };
        const input = holeName(name);
        if (!inputs.has(input)) inputs.set(input, {});
        return { input };
      },
    },
  );
  const [first] = group.members as readonly [Member];
  const content = requestContent(first.request, { ...settings, segmentNames: group.segmentNames, fill });
  return { content, inputs, given };
}

const textOfValue = (value: Value | undefined): string =>
  value === undefined ? '' : `${typeof plain(value)} ${textOf(value)}`;
