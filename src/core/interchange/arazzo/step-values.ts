/** The values of one request of a workflow, and the names that outputs of steps have here. */
import { plainText, plainValue } from '../../collection/yaml-text.js';
import type { Problem } from '../../problem/problem.js';
import { isValueMap, type Value } from '../../value/written.js';
import { camel, freeCamel } from '../taking-over/names.js';
import type { ArazzoDocument } from './document.js';
import { isRuntime } from './expressions.js';

type Workflow = ArazzoDocument['workflows'][number];

/** Kept as it is where an expression can say it. */
export const camelName = (name: string): string => (/^[\p{L}_][\p{L}\p{N}_-]*$/u.test(name) ? name : camel(name));

/** The names under which steps keep their outputs: the output's own where only one step has it. */
export class StepNames {
  private readonly names = new Map<string, string>();

  constructor(
    readonly workflow: Workflow,
    readonly refuse: (what: string) => Problem,
  ) {
    const taken = new Set(Object.keys(workflow.inputs?.properties ?? {}).map(camelName));
    for (const { stepId, outputs = {} } of workflow.steps)
      for (const output of Object.keys(outputs)) {
        const own = camelName(output);
        const name = taken.has(own) ? freeCamel(camel(`${stepId}-${output}`), (one) => taken.has(one)) : own;
        taken.add(name);
        this.names.set(`${stepId} ${output}`, name);
      }
  }

  kept(step: string, output: string): string {
    return this.names.get(`${step} ${output}`) ?? camelName(output);
  }

  /** The name that a runtime expression is here. */
  of(runtime: string): string | undefined {
    const [, input] = /^\$inputs\.([\w.-]+)$/.exec(runtime) ?? [];
    if (input !== undefined) return camelName(input);
    const [, step = '', output = ''] = /^\$steps\.([\w-]+)\.outputs\.([\w.-]+)$/.exec(runtime) ?? [];
    return this.names.get(`${step} ${output}`);
  }
}

/** The values of one request: each runtime expression is an input of it, that the step gives. */
export class StepValues {
  readonly inputs = new Set<string>();
  readonly given: Record<string, string> = {};
  private readonly byRuntime = new Map<string, string>();

  constructor(
    private readonly names: StepNames,
    private readonly refuse: (what: string) => Problem,
  ) {}

  /** In a request. @param near what the value is called where it stands */
  written(value: Value, near: string): unknown {
    if (Array.isArray(value)) return (value as readonly Value[]).map((one) => this.written(one, near));
    if (isValueMap(value))
      return Object.fromEntries(
        Object.entries(value).map(([key, item]) => [plainText(key), this.written(item as Value, key)]),
      );
    return typeof value === 'string' ? this.text(value, (runtime) => this.input(runtime, near)) : value;
  }

  /** In a trail. */
  outer(value: Value): unknown {
    if (typeof value !== 'string') return plainValue(value);
    return this.text(value, (runtime) => this.known(runtime));
  }

  /** The expression of the trail, for a condition. */
  name(runtime: string): string | undefined {
    const name = this.names.of(runtime);
    return name === undefined ? undefined : `\${${name}}`;
  }

  private text(text: string, name: (runtime: string) => string): string {
    if (isRuntime(text)) return `\${${name(text)}}`;
    let at = 0;
    let made = '';
    for (const found of text.matchAll(/\{(\$[^{}]+)\}/g)) {
      made += `${plainText(text.slice(at, found.index))}\${${name(found[1] as string)}}`;
      at = found.index + found[0].length;
    }
    return made + plainText(text.slice(at));
  }

  private known(runtime: string): string {
    const name = this.names.of(runtime);
    if (name !== undefined) return name;
    throw this.refuse(`${runtime} is not understood: $inputs.NAME and $steps.STEP.outputs.NAME are`);
  }

  private input(runtime: string, near: string): string {
    const before = this.byRuntime.get(runtime);
    if (before !== undefined) return before;
    const outer = this.known(runtime);
    const name = freeCamel(camelName(near), (one) => this.inputs.has(one));
    this.inputs.add(name);
    this.byRuntime.set(runtime, name);
    // A name that the trail has under the same name is found without being given.
    if (name !== outer) this.given[name] = `\${${outer}}`;
    return name;
  }
}
