/** What a rehearsed vendor remembers: things by the path that they are read at, and the lists that they stand in. */
import { ownMember } from '../../value/own-member.js';
import { isValueMap, type Value, type ValueMap } from '../../value/written.js';

export interface Thing {
  readonly value: ValueMap;
  /** It was deleted: nothing is there any more. */
  readonly gone: boolean;
  /** It was made or changed by a request. */
  readonly touched: boolean;
}

/** Beyond these the oldest are forgotten. */
const most = 100_000;

export class Memory {
  private readonly things = new Map<string, Thing>();
  /** Paths of things by the paths of the lists that they were made in. */
  private readonly lists = new Map<string, Set<string>>();
  private count = 0;

  at(path: string): Thing | undefined {
    return this.things.get(path);
  }

  /** Whether it, or what it is a part of, was deleted. */
  isGone(path: string): boolean {
    for (let end = path.length; end > 0; end = path.lastIndexOf('/', end - 1))
      if (this.things.get(path.slice(0, end))?.gone) return true;
    return false;
  }

  /** Seen in a list: it is the same when it is read by itself. */
  see(path: string, value: ValueMap): void {
    if (!this.things.has(path)) this.keep(path, { value, gone: false, touched: false });
  }

  change(path: string, value: ValueMap): void {
    this.keep(path, { value, gone: false, touched: true });
  }

  remove(path: string): void {
    this.keep(path, { value: this.at(path)?.value ?? {}, gone: true, touched: true });
  }

  /** @param list the path that it was made at; it is also in the list just above it */
  make(path: string, value: ValueMap, list: string): void {
    this.change(path, value);
    for (const one of new Set([list, path.slice(0, path.lastIndexOf('/'))])) {
      const known = this.lists.get(one) ?? new Set<string>();
      this.lists.set(one, known.add(path));
    }
  }

  /** What was made in a list and is still there, by its path, the oldest first. */
  madeIn(list: string): Map<string, ValueMap> {
    const made = new Map<string, ValueMap>();
    for (const path of this.lists.get(list) ?? []) {
      const thing = this.at(path);
      if (thing && !thing.gone) made.set(path, thing.value);
    }
    return made;
  }

  /** How many were made before. */
  next(): number {
    this.count += 1;
    return this.count;
  }

  private keep(path: string, thing: Thing): void {
    this.things.set(path, thing);
    if (this.things.size <= most) return;
    const [oldest] = this.things.keys();
    if (oldest === undefined) return;
    this.things.delete(oldest);
    for (const paths of this.lists.values()) paths.delete(oldest);
  }
}

/** A value laid over another: members that only it has are left out where `knows` does not know their names. */
export function laidOver(base: Value, over: Value, knows: (name: string) => boolean): Value {
  if (!isValueMap(base) || !isValueMap(over)) return over;
  const made: Record<string, Value> = { ...base };
  for (const [name, value] of Object.entries(over)) {
    const own = ownMember(base, name);
    if (own === undefined && !knows(name)) continue;
    made[name] = own === undefined ? value : laidOver(own, value, () => true);
  }
  return made;
}

/** The one thing that a response or a body is about: all of it, or what it wraps, such as `{data: {…}}`. */
export function thingPath(value: Value): readonly string[] {
  if (!isValueMap(value)) return [];
  const members = Object.entries(value);
  const [only] = members;
  if (only && members.length === 1 && isValueMap(only[1])) return [only[0]];
  return isValueMap(ownMember(value, 'data') ?? null) ? ['data'] : [];
}

export const memberAt = (value: Value, path: readonly string[]): Value | undefined =>
  path.reduce<Value | undefined>(
    (found, name) => (found !== undefined && isValueMap(found) ? ownMember(found, name) : undefined),
    value,
  );

export function withMember(value: Value, path: readonly string[], member: Value): Value {
  const [name, ...rest] = path;
  if (name === undefined) return member;
  const own = isValueMap(value) ? value : {};
  return { ...own, [name]: withMember(ownMember(own, name) ?? {}, rest, member) };
}
