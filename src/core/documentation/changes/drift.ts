/** What changed between two readings of a source: operations and fields added, removed, changed. */
import { textOf } from '../../value/text.js';
import type { Field, Operation } from '../model/model.js';

export type DriftKind =
  | 'added'
  | 'removed'
  | 'newly required'
  | 'no longer required'
  | 'narrowed'
  | 'widened'
  | 'changed';

export interface FieldDrift {
  /** `query quay`, `body cargo.kind`, `response 200 items.code`. */
  readonly at: string;
  readonly kind: DriftKind;
  /** `string, was integer`. */
  readonly what: string;
  /** A request that was right before may be wrong now, or a response lack what was there. */
  readonly breaks: boolean;
}

export interface OperationDrift {
  readonly operation: string;
  readonly kind: 'added' | 'removed' | 'changed';
  readonly fields: readonly FieldDrift[];
}

export function driftBetween(before: Iterable<Operation>, after: Iterable<Operation>): readonly OperationDrift[] {
  const old = byId(before);
  const fresh = byId(after);
  const found: OperationDrift[] = [];
  for (const [id, operation] of fresh) {
    const known = old.get(id);
    if (!known) found.push({ operation: id, kind: 'added', fields: [] });
    else {
      const fields = [...callDrift(known, operation), ...fieldDrift(known, operation)];
      if (fields.length > 0) found.push({ operation: id, kind: 'changed', fields });
    }
  }
  for (const id of old.keys()) if (!fresh.has(id)) found.push({ operation: id, kind: 'removed', fields: [] });
  return found;
}

const byId = (operations: Iterable<Operation>): Map<string, Operation> =>
  new Map([...operations].map((one) => [one.id, one]));

function callDrift(before: Operation, after: Operation): FieldDrift[] {
  const found: FieldDrift[] = [];
  const was = (at: string, one: string, other: string, breaks: boolean): void => {
    if (one !== other) found.push({ at, kind: 'changed', what: `${other}, was ${one}`, breaks });
  };
  was('call', `${before.method} ${before.path}`, `${after.method} ${after.path}`, true);
  was('action', before.soap?.action ?? '', after.soap?.action ?? '', true);
  was('response', before.graphql?.returns ?? '', after.graphql?.returns ?? '', false);
  was('body', before.body?.type ?? 'no body', after.body?.type ?? 'no body', true);
  if (!before.deprecated && after.deprecated)
    found.push({ at: 'operation', kind: 'changed', what: 'deprecated now', breaks: false });
  const schemes = ({ security }: Operation): string =>
    security.map((need) => need.schemes.map(({ name }) => name).join(' and ')).join(' or ') || 'none';
  was('authentication', schemes(before), schemes(after), true);
  return found;
}

interface Placed {
  readonly field: Field;
  /** Of a response: what is missing there breaks who reads it. */
  readonly response: boolean;
}

function fieldDrift(before: Operation, after: Operation): FieldDrift[] {
  const old = placed(before);
  const fresh = placed(after);
  const found: FieldDrift[] = [];
  for (const [at, { field, response }] of fresh) {
    const known = old.get(at)?.field;
    if (known) found.push(...oneDrift(at, known, field, response));
    // What stands inside something new is new with it, and goes with what is gone.
    else if (holderOf(at, fresh, old)) {
      const needed = field.required && !response;
      found.push({ at, kind: 'added', what: `${field.type}${needed ? ', required' : ''}`, breaks: needed });
    }
  }
  for (const [at, { field, response }] of old) {
    if (!fresh.has(at) && holderOf(at, old, fresh))
      found.push({ at, kind: 'removed', what: field.type, breaks: response || field.required });
  }
  return found;
}

/** Whether the holder of a field, where it has one among its own, is among the others too. */
function holderOf(at: string, own: ReadonlyMap<string, Placed>, others: ReadonlyMap<string, Placed>): boolean {
  const holder = at.slice(0, Math.max(0, at.lastIndexOf('.')));
  return !own.has(holder) || others.has(holder);
}

function oneDrift(at: string, before: Field, after: Field, response: boolean): FieldDrift[] {
  const found: FieldDrift[] = [];
  if (before.type !== after.type)
    found.push({ at, kind: 'changed', what: `${after.type}, was ${before.type}`, breaks: true });
  if (!response && before.required !== after.required) {
    found.push({
      at,
      kind: after.required ? 'newly required' : 'no longer required',
      what: after.type,
      breaks: after.required,
    });
  }
  found.push(...allowedDrift(at, before, after, response), ...limitDrift(at, before, after, response));
  const [was, is] = [before.default, after.default].map((one) => (one === undefined ? 'none' : textOf(one)));
  if (was !== is) found.push({ at, kind: 'changed', what: `default ${is}, was ${was}`, breaks: false });
  return found;
}

function allowedDrift(
  at: string,
  { allowed: before }: Field,
  { allowed: after }: Field,
  response: boolean,
): FieldDrift[] {
  if (!before && !after) return [];
  if (!before || !after) {
    const narrowed = after !== undefined;
    const what = narrowed ? `only ${after.map(textOf).join(', ')} now` : 'any value now';
    return [{ at, kind: narrowed ? 'narrowed' : 'widened', what, breaks: narrowed !== response }];
  }
  const [old, fresh] = [new Set(before.map(textOf)), new Set(after.map(textOf))];
  const lost = [...old].filter((one) => !fresh.has(one));
  const won = [...fresh].filter((one) => !old.has(one));
  return [
    ...(lost.length > 0
      ? [{ at, kind: 'narrowed' as const, what: `no longer ${lost.join(', ')}`, breaks: !response }]
      : []),
    // A reader may not know what to do with a value that is new.
    ...(won.length > 0 ? [{ at, kind: 'widened' as const, what: `also ${won.join(', ')}`, breaks: response }] : []),
  ];
}

/** Limits that grow tighter as they grow. */
const lower = new Set(['at-least', 'over', 'least-length', 'least-items']);
const upper = new Set(['at-most', 'under', 'most-length', 'most-items']);

function limitDrift(
  at: string,
  { limits: before = {} }: Field,
  { limits: after = {} }: Field,
  response: boolean,
): FieldDrift[] {
  const names = [...new Set([...Object.keys(before), ...Object.keys(after)])] as (keyof typeof before)[];
  return names.flatMap((name): FieldDrift[] => {
    const [was, is] = [before[name], after[name]];
    if (was === is) return [];
    const tighter =
      was === undefined ||
      (is !== undefined &&
        ((lower.has(name) && Number(is) > Number(was)) ||
          (upper.has(name) && Number(is) < Number(was)) ||
          (!lower.has(name) && !upper.has(name))));
    const what = `${name} ${is ?? 'any'}, was ${was ?? 'any'}`;
    return [{ at, kind: tighter ? 'narrowed' : 'widened', what, breaks: tighter && !response }];
  });
}

/** Every field by where it stands. */
function placed({ parameters, body, responses }: Operation): Map<string, Placed> {
  const found = new Map<string, Placed>();
  const add = (fields: readonly Field[], before: string, response: boolean): void => {
    for (const field of fields) {
      if (field.undescribed) continue;
      found.set(`${before}${field.name}`, { field, response });
      add(field.fields ?? [], `${before}${field.name}.`, response);
      for (const shape of field.alternatives ?? [])
        add(shape.fields, `${before}${field.name}(${shape.name}).`, response);
    }
  };
  for (const parameter of parameters) add([parameter], `${parameter.in} `, false);
  if (body) add(body.fields, 'body ', false);
  for (const shape of body?.alternatives ?? []) add(shape.fields, `body(${shape.name}) `, false);
  for (const { status, content } of responses) add(content?.fields ?? [], `response ${status} `, true);
  return found;
}
