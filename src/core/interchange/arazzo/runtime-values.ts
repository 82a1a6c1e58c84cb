/** Values of a trail with Arazzo's runtime expressions in place of ours. */
import type { Loaded } from '../../collection/collection.js';
import type { RequestFile } from '../../collection/files/request-file.js';
import { isValueMap, plain, type Value } from '../../value/written.js';
import { runtimePlace } from './expressions.js';

export type Json = Record<string, unknown>;

interface Kept {
  readonly step: string;
  readonly place: string;
  /** Of the step: more may be kept of the same value. */
  readonly outputs: Record<string, string>;
}

export interface Scope {
  readonly give: Readonly<Record<string, Value>>;
  readonly request: Loaded<RequestFile>;
}

export const idOf = (name: string): string => name.replace(/[^A-Za-z\d_-]+/g, '-');

export class RuntimeValues {
  /** Of the workflow: what its values ask for is added. */
  readonly inputs = new Map<string, Json>();
  /** By its name, the step that keeps it, and where it was. */
  readonly kept = new Map<string, Kept>();

  /** @param variable the value of a variable, where it is no secret @param leave called for what has no counterpart */
  constructor(
    private readonly variable: (name: string) => Value | undefined,
    private readonly leave: (what: string) => void,
  ) {}

  /** A value with runtime expressions in place of ours. */
  value(value: Value, scope: Partial<Scope>, where: string): unknown {
    if (Array.isArray(value)) return (value as readonly Value[]).map((one) => this.value(one, scope, where));
    if (isValueMap(value))
      return Object.fromEntries(
        Object.entries(value).flatMap(([key, item]) => {
          const made = this.value(item as Value, scope, where);
          return made === undefined ? [] : [[key, made]];
        }),
      );
    if (typeof value !== 'string' || !value.includes('${')) return plain(value);
    const [, whole] = /^\$\{([^}]*)\}$/.exec(value) ?? [];
    if (whole !== undefined) return this.expression(whole.trim(), scope, where);
    let complete = true;
    const text = value.replaceAll('$${', '\uE000').replace(/\$\{([^}]*)\}/g, (_, inner: string) => {
      const made = this.expression(inner.trim(), scope, where);
      if (made === undefined) complete = false;
      // Embedded in a text an expression is in braces.
      return typeof made === 'string' && made.startsWith('$') ? `{${made}}` : String(made);
    });
    return complete ? text.replaceAll('\uE000', '${') : undefined;
  }

  private expression(text: string, scope: Partial<Scope>, where: string): unknown {
    const [, secret] = /^secret\.([\w-]+)$/.exec(text) ?? [];
    if (secret !== undefined) {
      this.inputs.set(secret, { type: 'string', format: 'password' });
      return `$inputs.${secret}`;
    }
    if (/^[\p{L}_][\p{L}\p{N}_-]*$/u.test(text)) return this.named(text, scope, where);
    const [, name = '', path = ''] = /^([\p{L}_][\p{L}\p{N}_-]*)((?:\.[A-Za-z_]\w*|\[\d+\])+)$/u.exec(text) ?? [];
    const kept = this.kept.get(name);
    const runtime = kept?.place.startsWith('$') ? runtimePlace(`${kept.place}${path}`) : undefined;
    if (kept && runtime !== undefined && scope.give?.[name] === undefined) {
      // An output has no members: each that is used is one of its own.
      const output = idOf(`${name}${path}`).replace(/-$/, '');
      kept.outputs[output] = runtime;
      return `$steps.${kept.step}.outputs.${output}`;
    }
    this.leave(`\${${text}} (${where}): Arazzo has no such expression`);
    return undefined;
  }

  private named(name: string, { give, request }: Partial<Scope>, where: string): unknown {
    const given = give?.[name];
    if (given !== undefined) return this.value(given, {}, where);
    const kept = this.kept.get(name);
    if (kept !== undefined) return `$steps.${kept.step}.outputs.${idOf(name)}`;
    if (this.inputs.has(name)) return `$inputs.${name}`;
    const declared = request?.content.inputs?.[name];
    const fallback = declared?.default;
    if (fallback !== undefined && !String(fallback).includes('${')) return plain(fallback);
    if (fallback !== undefined) return this.value(fallback, {}, where);
    const variable = this.variable(name);
    if (declared === undefined && variable === undefined) {
      this.leave(`\${${name}} (${where}): nothing says its value`);
      return undefined;
    }
    this.inputs.set(name, {
      type: declared?.type ?? 'string',
      ...(variable !== undefined && { default: plain(variable) }),
      ...(declared?.about !== undefined && { description: declared.about }),
    });
    return `$inputs.${name}`;
  }
}
