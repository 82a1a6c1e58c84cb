/** A trail as an Arazzo 1.0.1 document. Every part without a counterpart is reported. */

import type { Collection, Loaded } from '../../collection/collection.js';
import { methodWritten, type RequestFile } from '../../collection/files/request-file.js';
import type { TrailFile } from '../../collection/files/trail-file.js';
import { findOperation } from '../../collection/sources/source-index.js';
import { parseDuration } from '../../value/measures.js';
import { ownMember } from '../../value/own-member.js';
import { isValueMap, plain, type Value } from '../../value/written.js';
import { type Criterion, criteriaOf, literalOf } from './criteria.js';
import { runtimePlace } from './expressions.js';
import { idOf, type Json, RuntimeValues, type Scope } from './runtime-values.js';

type Step = TrailFile['steps'][number];

export interface ArazzoSettings {
  /** Values of variables by name, where they are no secrets. */
  readonly variable: (name: string) => Value | undefined;
  /** The address of the OpenAPI document with the requests that nobody documents: `export openapi` makes it. */
  readonly own: string;
}

export interface MadeArazzo {
  readonly document: Json;
  readonly left: readonly string[];
  /** It refers to the requests' own document. */
  readonly needsOwn: boolean;
}

const ownSource = 'collection';

export function arazzoFrom(collection: Collection, names: readonly string[], settings: ArazzoSettings): MadeArazzo {
  const writer = new ArazzoWriter(collection, settings);
  const waiting = [...names];
  const done = new Map<string, Json>();
  for (let name = waiting.shift(); name !== undefined; name = waiting.shift()) {
    if (done.has(name)) continue;
    done.set(name, writer.workflow(name));
    waiting.push(...writer.called.splice(0));
  }
  return {
    document: {
      arazzo: '1.0.1',
      info: { title: collection.manifest.content.name, version: '1' },
      sourceDescriptions: writer.sources(),
      workflows: [...done.values()],
    },
    left: writer.left,
    needsOwn: writer.usesOwn,
  };
}

class ArazzoWriter {
  private readonly told = new Set<string>();
  /** Trails that steps walk. */
  readonly called: string[] = [];
  usesOwn = false;
  private readonly used = new Set<string>();

  constructor(
    private readonly collection: Collection,
    private readonly settings: ArazzoSettings,
  ) {}

  /** Each once. */
  get left(): readonly string[] {
    return [...this.told];
  }

  leave(what: string): void {
    this.told.add(what);
  }

  sources(): Json[] {
    const documented = [...this.used].map((name) => {
      const { source, file } = ownMember(this.collection.docs, name) ?? {};
      return { name: idOf(name), url: source ?? `./${file}`, type: 'openapi' };
    });
    const own = this.usesOwn || documented.length === 0;
    return [...documented, ...(own ? [{ name: ownSource, url: this.settings.own, type: 'openapi' }] : [])];
  }

  workflow(name: string): Json {
    const { content } = this.collection.read('trail', name);
    return new WorkflowWriter(this, this.collection, name, content, this.settings).write();
  }

  operationOf({ name, content }: Loaded<RequestFile>): string {
    if (content.operation !== undefined) {
      try {
        const { source, id, protocol } = findOperation(this.collection, content.operation);
        if (protocol === 'http') {
          this.used.add(source);
          return `$sourceDescriptions.${idOf(source)}.${id}`;
        }
      } catch {
        // Told by check; here the request stands for itself.
      }
    }
    this.usesOwn = true;
    return `$sourceDescriptions.${ownSource}.${name.replaceAll('/', '-')}`;
  }
}

class WorkflowWriter {
  private readonly values: RuntimeValues;
  private readonly ids = new Set<string>();

  constructor(
    private readonly writer: ArazzoWriter,
    private readonly collection: Collection,
    private readonly name: string,
    private readonly trail: TrailFile,
    settings: ArazzoSettings,
  ) {
    this.values = new RuntimeValues(settings.variable, (what) => this.leave(what));
  }

  write(): Json {
    const { about, inputs = {}, rows, steps } = this.trail;
    for (const [name, declared] of Object.entries(inputs))
      this.values.inputs.set(name, {
        type: declared.type ?? 'string',
        ...(declared.default !== undefined &&
          !String(declared.default).includes('${') && { default: plain(declared.default) }),
        ...(declared.about !== undefined && { description: declared.about }),
      });
    if (rows !== undefined) this.leave('rows: a workflow is walked once');
    const written = steps
      .flatMap((step) => this.step(step))
      .map(({ outputs = {}, ...step }) => ({ ...step, ...(Object.keys(outputs as Json).length > 0 && { outputs }) }));
    return {
      workflowId: idOf(this.name),
      ...(about !== undefined && { summary: about }),
      ...(this.values.inputs.size > 0 && {
        inputs: { type: 'object', properties: Object.fromEntries(this.values.inputs) },
      }),
      steps: written,
    };
  }

  private leave(what: string): void {
    this.writer.leave(`${this.name}: ${what}`);
  }

  private id(wanted: string): string {
    let id = idOf(wanted);
    for (let number = 2; this.ids.has(id); number += 1) id = `${idOf(wanted)}-${number}`;
    this.ids.add(id);
    return id;
  }

  private step(step: Step): Json[] {
    const one = step as unknown as Record<string, Value>;
    const kind = ['send', 'poll', 'trail'].find((key) => ownMember(one, key) !== undefined);
    if (kind === undefined) {
      const what = Object.keys(one)[0] ?? 'step';
      this.leave(`the step ${String(one.name ?? what)}: no step of Arazzo is a ${what}`);
      return [];
    }
    for (const key of ['only-if', 'when', 'undo', 'table', 'unless'])
      if (ownMember(one, key) !== undefined) this.leave(`${key} of ${String(ownMember(one, kind))}`);
    if (kind === 'trail') return [this.walk(one)];
    return [this.call(one, String(ownMember(one, kind)), kind === 'poll')];
  }

  private walk(step: Record<string, Value>): Json {
    const trail = this.collection.resolve('trail', String(step.trail));
    this.writer.called.push(trail);
    const give = Object.entries((step.give ?? {}) as Record<string, Value>);
    return {
      stepId: this.id(String(step.name ?? trail)),
      workflowId: idOf(trail),
      ...(give.length > 0 && {
        parameters: give.map(([name, value]) => ({ name, value: this.values.value(value, {}, name) })),
      }),
    };
  }

  private call(step: Record<string, Value>, given: string, polling: boolean): Json {
    const request = this.collection.read('request', this.collection.resolve('request', given));
    const { content } = request;
    const id = this.id(String(step.name ?? request.name));
    const give = (step.give ?? {}) as Record<string, Value>;
    const own = { ...((step.expect ?? {}) as object), ...((step.until ?? {}) as object) };
    // A step that expects a status of its own speaks of another response than the request does.
    const other = !polling && Object.hasOwn(own, 'status');
    const expect = { ...(other ? {} : content.expect), ...own } as Record<string, Value>;
    const keep = { ...(other ? {} : content.keep), ...((step.keep ?? {}) as object) } as Record<string, unknown>;
    const scope: Scope = { give, request };
    const parameters = this.parameters(content, scope);
    const body = content.body && this.body(content.body, scope, request.name);
    const outputs: Record<string, string> = {};
    for (const [name, place] of Object.entries(keep)) {
      const at = typeof place === 'string' ? place : String((place as { at?: unknown }).at);
      const runtime = runtimePlace(at);
      if (runtime === undefined) this.leave(`${name}: ${at} of ${request.name} is no place that Arazzo knows`);
      else {
        outputs[idOf(name)] = runtime;
        this.values.kept.set(name, { step: id, place: at, outputs });
      }
    }
    const criteria: Criterion[] = Object.entries(expect).flatMap(([place, wanted]) =>
      this.criteria(place, wanted, scope),
    );
    if (!Object.hasOwn(expect, 'status')) criteria.unshift({ condition: '$statusCode < 400' });
    const sessions = [
      step.session ?? content.session ?? this.collection.defaults(request.name).at(-1)?.content.session ?? 'none',
    ].flat();
    const session = sessions.filter((one) => one !== 'none').map(String);
    if (session.length > 0) this.leave(`the session ${session.join(', ')}: x-session names it, for whoever reads that`);
    if (content.signature !== undefined && content.signature !== 'none') this.leave(`the signature of ${request.name}`);
    const [pause, within] = [String(step.pause ?? '1s'), String(step.within ?? '60s')].map(
      (one) => parseDuration(one) ?? 1000,
    );
    return {
      stepId: id,
      ...(content.about !== undefined && { description: content.about }),
      operationId: this.writer.operationOf(request),
      ...(parameters.length > 0 && { parameters }),
      ...(body && { requestBody: body }),
      successCriteria: criteria,
      ...(polling && {
        onFailure: [
          {
            name: 'not-yet',
            type: 'retry',
            retryAfter: (pause as number) / 1000,
            retryLimit: Math.max(1, Math.ceil((within as number) / (pause as number))),
          },
        ],
      }),
      outputs,
      ...(session.length > 0 && { 'x-session': session.length === 1 ? session[0] : session }),
      ...(methodWritten(content) === undefined && { 'x-method': content.method }),
    };
  }

  private parameters({ url, path = {}, query = {}, headers = {} }: RequestFile, scope: Scope): Json[] {
    const parts = [...url.replace(/^\$\{[^}]*\}/, '').matchAll(/\{([\w-]+)\}/g)].map(([, name]) => name as string);
    const of = (where: string, values: readonly (readonly [string, Value])[]): Json[] =>
      values.flatMap(([name, value]) => {
        const made = this.values.value(value, scope, `${where} ${name}`);
        return made === undefined ? [] : [{ name, in: where, value: made }];
      });
    return [
      ...of(
        'path',
        parts.map((name) => [name, ownMember(path, name) ?? (`\${${name}}` as Value)] as const),
      ),
      ...of('query', Object.entries(query)),
      ...of(
        'header',
        Object.entries(headers).filter(([name]) => !/^(?:accept|content-type|authorization)$/i.test(name)),
      ),
    ];
  }

  private body(body: NonNullable<RequestFile['body']>, scope: Scope, request: string): Json | undefined {
    const [[kind, value]] = Object.entries(body) as [[string, Value]];
    const types: Readonly<Record<string, string>> = {
      json: 'application/json',
      form: 'application/x-www-form-urlencoded',
      xml: 'application/xml',
      text: 'text/plain',
    };
    const contentType = ownMember(types, kind);
    if (contentType !== undefined)
      return { contentType, payload: this.values.value(value, scope, `the body of ${request}`) };
    if (kind === 'graphql' && isValueMap(value)) {
      const { document, variables, operation } = value;
      return {
        contentType: 'application/json',
        payload: {
          query: document,
          ...(variables !== undefined && {
            variables: this.values.value(variables as Value, scope, `the variables of ${request}`),
          }),
          ...(operation !== undefined && { operationName: operation }),
        },
      };
    }
    this.leave(`the body of ${request}: it is of the kind ${kind}`);
    return undefined;
  }

  /** Literals of conditions are runtime expressions where ours are computed. */
  private criteria(place: string, wanted: Value, scope: Scope): readonly Criterion[] {
    const { criteria, complete } = criteriaOf(place, wanted, (value) =>
      literalOf(this.values.value(value, scope, place)),
    );
    if (!complete) this.leave(`${place} of ${scope.request.name}: no condition of Arazzo says it`);
    return criteria;
  }
}
