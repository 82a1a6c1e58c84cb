/** An Arazzo 1.0.1 document as trails and requests of a collection. Nothing of it is run; what is not understood is an error. */
import { plainText, plainValue, yamlText } from '../../collection/yaml-text.js';
import { Problem } from '../../problem/problem.js';
import { ownMember } from '../../value/own-member.js';
import { isValueMap, type Value } from '../../value/written.js';
import type { NewFile } from '../new-files.js';
import { readCondition } from './conditions.js';
import type { ArazzoDocument, ArazzoStep } from './document.js';
import { placeOf } from './expressions.js';
import { camelName, StepNames, StepValues } from './step-values.js';

type Json = Record<string, unknown>;

/** What is known of an operation that a step calls. */
export interface CalledOperation {
  /** SOURCE/OPERATION */
  readonly operation: string;
  readonly method: string;
  /** With its `{name}` parts. */
  readonly path: string;
}

export interface FromArazzoSettings {
  /** The folder of the requests and trails. */
  readonly as: string;
  readonly from: string;
  readonly schemas: string;
  /** @param source its name in the document; undefined where the step names none */
  readonly operation: (source: string | undefined, id: string) => CalledOperation | undefined;
  readonly operationAt: (source: string, method: string, path: string) => CalledOperation | undefined;
  readonly hasSession: (name: string) => boolean;
  readonly inheritsSession: (name: string) => boolean;
}

export interface FromArazzo {
  readonly files: readonly NewFile[];
  readonly requests: readonly string[];
  readonly trails: readonly string[];
  readonly left: readonly string[];
}

/** @throws Problem import-unreadable: a step or an expression is not understood; circle */
export function fromArazzo(document: ArazzoDocument, settings: FromArazzoSettings): FromArazzo {
  const reader = new Reader(document, settings);
  reader.requireNoCircle();
  for (const workflow of document.workflows) reader.workflow(workflow);
  return reader;
}

type Workflow = ArazzoDocument['workflows'][number];

const fileName = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\d]+/gu, '-')
    .replace(/^-+|-+$/g, '') || 'step';

class Reader implements FromArazzo {
  readonly files: NewFile[] = [];
  readonly requests: string[] = [];
  readonly trails: string[] = [];
  readonly left: string[] = [];
  private readonly up: string;
  private readonly byText = new Map<string, string>();

  constructor(
    private readonly document: ArazzoDocument,
    private readonly settings: FromArazzoSettings,
  ) {
    this.up = settings.schemas;
  }

  /** Workflows that call each other would never end. */
  requireNoCircle(): void {
    const calls = new Map(
      this.document.workflows.map(({ workflowId, steps }) => [
        workflowId,
        steps.flatMap((step) => (step.workflowId === undefined ? [] : [workflowName(step.workflowId)])),
      ]),
    );
    const visit = (name: string, way: readonly string[]): void => {
      if (way.includes(name)) {
        throw new Problem('circle', {
          what: `workflows call each other: ${[...way.slice(way.indexOf(name)), name].join(' → ')}`,
          where: { file: this.settings.from },
        });
      }
      for (const next of calls.get(name) ?? []) visit(next, [...way, name]);
    };
    for (const name of calls.keys()) visit(name, []);
  }

  private trailName(workflow: string): string {
    return this.document.workflows.length === 1 ? this.settings.as : `${this.settings.as}/${fileName(workflow)}`;
  }

  private schemaLine(file: string, kind: string): string {
    return `# yaml-language-server: $schema=${'../'.repeat(file.split('/').length - 1)}${this.up}/${kind}.json\n`;
  }

  workflow(workflow: Workflow): void {
    const { workflowId, summary, description, inputs, dependsOn = [], outputs } = workflow;
    for (const one of dependsOn) this.left.push(`${workflowId}: it depends on ${one}, which is not run before it`);
    if (outputs && Object.keys(outputs).length > 0)
      this.left.push(`${workflowId}: its outputs; what steps keep has the names of theirs`);
    if (workflow.parameters?.length) this.left.push(`${workflowId}: parameters of all its steps`);
    const names = new StepNames(workflow, (what) => this.refuse(what));
    const declared = Object.entries(inputs?.properties ?? {}).map(([name, schema]) => [
      camelName(name),
      inputFrom(schema),
    ]);
    const steps = workflow.steps.map((step) => this.step(workflow, step, names));
    const name = this.trailName(workflowId);
    const file = `trails/${name}.yaml`;
    const about = summary ?? description?.split('\n')[0] ?? `Imported from ${this.settings.from}`;
    this.trails.push(name);
    this.files.push({
      file,
      text: `${this.schemaLine(file, 'trail')}${yamlText({
        about,
        ...(declared.length > 0 && { inputs: Object.fromEntries(declared) }),
        steps,
      })}`,
    });
  }

  private refuse(what: string): Problem {
    return new Problem('import-unreadable', {
      what,
      where: { file: this.settings.from },
      cause: 'nothing was written',
      remedy: 'change it in a copy of the document, and import that',
    });
  }

  private step(workflow: Workflow, step: ArazzoStep, names: StepNames): Json {
    const at = `${workflow.workflowId}, step ${step.stepId}`;
    if (step.workflowId !== undefined) return this.walk(step, names, at);
    const called = this.called(step, at);
    const values = new StepValues(names, (what) => this.refuse(`${at}: ${what}`));
    const request = this.request(workflow, step, called, values, at);
    const { expect, poll } = this.expectations(step, values, at);
    const keep = Object.entries(step.outputs ?? {}).map(([output, runtime]) => {
      const place = placeOf(runtime);
      if (place === undefined) throw this.refuse(`${at}: the output ${output} is ${runtime}, which is not understood`);
      return [names.kept(step.stepId, output), place] as const;
    });
    const give = values.given;
    const shared = {
      name: step.stepId,
      ...(Object.keys(give).length > 0 && { give }),
      ...(keep.length > 0 && { keep: Object.fromEntries(keep) }),
    };
    if (poll) return { poll: request, ...shared, until: expect, ...poll };
    return { send: request, ...shared, ...(Object.keys(expect).length > 0 && { expect }) };
  }

  private walk(step: ArazzoStep, names: StepNames, at: string): Json {
    const name = workflowName(step.workflowId as string);
    if (!this.document.workflows.some(({ workflowId }) => workflowId === name))
      throw this.refuse(`${at}: the workflow ${step.workflowId} is not in the document`);
    const give = (step.parameters ?? []).flatMap(({ name: parameter, value }) =>
      parameter === undefined ? [] : [[camelName(parameter), this.valueIn(value as Value, names, at)] as const],
    );
    return {
      trail: this.trailName(name),
      name: step.stepId,
      ...(give.length > 0 && { give: Object.fromEntries(give) }),
    };
  }

  private called(step: ArazzoStep, at: string): CalledOperation {
    const { operationId, operationPath } = step;
    const [, source, id] = /^\$sourceDescriptions\.([\w-]+)\.(.+)$/.exec(operationId ?? '') ?? [];
    const [, from, method, path] = /^\{?\$sourceDescriptions\.([\w-]+)\.url\}?#\/paths\/(?<path>[^/]+)\/(\w+)$/.exec(
      operationPath ?? '',
    )
      ? (/^\{?\$sourceDescriptions\.([\w-]+)\.url\}?#\/paths\/([^/]+)\/(\w+)$/.exec(operationPath ?? '') ?? []).map(
          (one, index, all) => (index === 2 ? all[3] : index === 3 ? all[2] : one),
        )
      : [];
    const found =
      operationId !== undefined
        ? this.settings.operation(source, id ?? operationId)
        : from !== undefined
          ? this.settings.operationAt(
              from,
              (method as string).toUpperCase(),
              (path as string).replaceAll('~1', '/').replaceAll('~0', '~'),
            )
          : undefined;
    if (found) return found;
    throw this.refuse(
      operationId === undefined && operationPath === undefined
        ? `${at}: it calls neither an operation nor a workflow`
        : `${at}: no source of the document describes ${operationId ?? operationPath}`,
    );
  }

  private request(
    workflow: Workflow,
    step: ArazzoStep,
    called: CalledOperation,
    values: StepValues,
    at: string,
  ): string {
    const name = `${this.settings.as}/${this.document.workflows.length === 1 ? '' : `${fileName(workflow.workflowId)}/`}${fileName(step.stepId)}`;
    const parts: Record<'path' | 'query' | 'header' | 'cookie', Json> = { path: {}, query: {}, header: {}, cookie: {} };
    for (const { name: parameter, in: where, value, reference } of step.parameters ?? []) {
      const place = where === undefined ? undefined : ownMember(parts, where);
      if (reference !== undefined || parameter === undefined || !place)
        throw this.refuse(`${at}: a parameter is not understood: ${reference ?? parameter ?? 'without a name'}`);
      place[parameter] = values.written(value as Value, parameter);
    }
    for (const [, part = ''] of called.path.matchAll(/\{([\w-]+)\}/g))
      if (!Object.hasOwn(parts.path, part)) parts.path[part] = values.written(`$inputs.${part}`, part);
    // A part of the address takes the input of its name by itself.
    const given = Object.fromEntries(Object.entries(parts.path).filter(([part, value]) => value !== `\${${part}}`));
    const { contentType = '', payload, replacements = [] } = step.requestBody ?? {};
    if (replacements.length > 0) this.left.push(`${at}: replacements in its payload`);
    const body = payload === undefined ? undefined : bodyFrom(contentType, payload as Value, values);
    const wanted = [step['x-session'] ?? []].flat();
    const session = wanted.filter((one) => this.settings.hasSession(one));
    for (const one of wanted)
      if (!session.includes(one)) this.left.push(`${at}: the session ${one}, which is not in this collection`);
    const text = yamlText({
      about: step.description?.split('\n')[0] ?? `${step.stepId} of ${workflow.workflowId}`,
      operation: called.operation,
      ...(values.inputs.size > 0 && { inputs: Object.fromEntries([...values.inputs].map((one) => [one, {}])) }),
      method: called.method,
      url: `\${origin}${called.path}`,
      ...(Object.keys(given).length > 0 && { path: given }),
      ...(Object.keys(parts.query).length > 0 && { query: parts.query }),
      ...(Object.keys(parts.header).length > 0 && { headers: parts.header }),
      ...(Object.keys(parts.cookie).length > 0 && { cookies: parts.cookie }),
      ...(session.length === 1 && { session: session[0] }),
      ...(session.length > 1 && { session }),
      ...(session.length === 0 && this.settings.inheritsSession(name) && { session: 'none' }),
      ...(body && { body }),
    });
    // Steps that call the same in the same way share a request.
    const same = this.byText.get(text);
    if (same !== undefined) return same;
    this.byText.set(text, name);
    const file = `requests/${name}.yaml`;
    this.requests.push(name);
    this.files.push({ file, text: `${this.schemaLine(file, 'request')}${text}` });
    return name;
  }

  private expectations(step: ArazzoStep, values: StepValues, at: string): { expect: Json; poll: Json | undefined } {
    const expect: Record<string, Json> = {};
    const add = (place: string, matchers: Json): void => {
      expect[place] = { ...ownMember(expect, place), ...matchers };
    };
    for (const { condition, context, type } of step.successCriteria ?? []) {
      const kind = typeof type === 'object' ? type.type : (type ?? 'simple');
      if (kind === 'jsonpath') add(condition, /\[\?/.test(condition) ? { count: { 'at-least': 1 } } : { exists: true });
      else if (kind === 'regex') {
        const place = placeOf(context ?? '');
        if (place === undefined) throw this.refuse(`${at}: the context ${context} is not understood`);
        add(place, { matches: condition });
      } else if (kind === 'xpath') add(condition, { exists: true });
      else {
        const read = readCondition(condition, (runtime) => values.name(runtime));
        if (!read) throw this.refuse(`${at}: the condition is not understood: ${condition}`);
        for (const { place, matchers } of read) add(place, matchers as Json);
      }
    }
    for (const [key, actions] of [
      ['onSuccess', step.onSuccess],
      ['onFailure', step.onFailure],
    ] as const)
      for (const { type, name, reference } of actions ?? [])
        if (!(key === 'onFailure' && type === 'retry') && type !== 'end')
          this.left.push(
            `${at}: ${key} ${name ?? reference ?? type}, ${type ?? 'a reference'}: steps follow each other`,
          );
    const retry = step.onFailure?.find(({ type }) => type === 'retry');
    const seconds = retry?.retryAfter ?? 1;
    return {
      expect: plainMatchers(expect),
      poll: retry && {
        pause: `${Math.round(seconds * 1000)}ms`,
        within: `${Math.round(seconds * 1000 * ((retry.retryLimit ?? 1) + 1))}ms`,
      },
    };
  }

  private valueIn(value: Value, names: StepNames, at: string): unknown {
    const values = new StepValues(names, (what) => this.refuse(`${at}: ${what}`));
    return values.outer(value);
  }
}

/** One equality is written as the value alone. */
function plainMatchers(expect: Readonly<Record<string, Json>>): Json {
  return Object.fromEntries(
    Object.entries(expect).map(([place, matchers]) => {
      const { equals, ...others } = matchers;
      return [
        place,
        equals !== undefined && !isValueMap(equals) && Object.keys(others).length === 0 ? equals : matchers,
      ];
    }),
  );
}

const workflowName = (given: string): string => given.replace(/^\$sourceDescriptions\.[\w-]+\./, '');

function inputFrom(schema: unknown): Json {
  const {
    type,
    default: fallback,
    description,
    enum: allowed,
    format,
  } = (isValueMap(schema) ? schema : {}) as Record<string, Value>;
  return {
    ...(typeof description === 'string' && { about: plainText(description.split('\n')[0] as string) }),
    ...(typeof type === 'string' && ['string', 'integer', 'number', 'boolean'].includes(type) && { type }),
    ...(Array.isArray(allowed) && { 'one-of': plainValue(allowed) }),
    ...(format === 'password' && { secret: true }),
    ...(fallback !== undefined && { default: plainValue(fallback) }),
  };
}

function bodyFrom(type: string, payload: Value, values: StepValues): Json {
  if (/x-www-form-urlencoded/.test(type) && isValueMap(payload)) return { form: values.written(payload, 'body') };
  if (/multipart\//.test(type) && isValueMap(payload)) return { parts: values.written(payload, 'body') };
  if (/[/+]xml\b/.test(type) && typeof payload === 'string') return { xml: values.written(payload, 'body') };
  if (typeof payload === 'string' && !/[/+]json\b/.test(type)) return { text: values.written(payload, 'body') };
  if (
    isValueMap(payload) &&
    typeof payload.query === 'string' &&
    /^\s*(?:\{|query\b|mutation\b|subscription\b)/.test(payload.query)
  ) {
    const { query, variables, operationName } = payload;
    return {
      graphql: {
        document: query,
        ...(variables !== undefined && { variables: values.written(variables as Value, 'variables') }),
        ...(operationName !== undefined && { operation: operationName }),
      },
    };
  }
  return { json: values.written(payload, 'body') };
}
