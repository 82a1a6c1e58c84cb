/**
 * Every value that is kept is used.
 *
 *     keep: {callId: $.id}         # holds where another request has an input callId, or a trail uses it
 */
import type { StepFile } from '../../collection/files/trail-file.js';
import { namesUsed } from '../../expression/names-used.js';
import type { FilePosition } from '../../problem/problem.js';
import type { Value } from '../../value/written.js';
import type { Finding } from '../finding.js';
import type { Checked, Rule } from '../rule.js';
import { resolved } from './trail-names-resolve.js';

export const keptValuesUsed: Rule = {
  name: 'kept-values-used',
  must: 'every value that is kept is used',
  *check(checked) {
    const { requests, trails } = checked;
    const inputs = new Set([...requests.values()].flatMap(({ content }) => Object.keys(content.inputs ?? {})));
    const inTrails = new Set(
      [...trails.values()].flatMap(({ content }) => namesUsed(content as unknown as Value).map(({ name }) => name)),
    );
    for (const { content, yaml } of requests.values()) {
      for (const name of Object.keys(content.keep ?? {})) {
        if (!inputs.has(name) && !inTrails.has(name)) yield unused(name, yaml.position(['keep', name], 'key'));
      }
    }
    for (const { content, yaml } of trails.values()) {
      for (const [index, step] of content.steps.entries()) {
        for (const name of Object.keys(step.keep ?? {})) {
          if (!usedAfter(name, content.steps.slice(index), checked))
            yield unused(name, yaml.position(['steps', index, 'keep', name], 'key'));
        }
      }
    }
  },
};

const unused = (name: string, where: FilePosition): Omit<Finding, 'rule'> => ({
  severity: 'warning',
  where,
  what: `${name} is kept, but nothing uses it`,
  remedy: 'remove it, or give the input that it is meant for the same name',
});

/** In an expression of a later step, or as an input of its request; the step itself counts for its undo part. */
function usedAfter(name: string, [own, ...later]: readonly StepFile[], { requests, collection }: Checked): boolean {
  const takes = (request: string): boolean =>
    requests.get(resolved(collection, request))?.content.inputs?.[name] !== undefined;
  const mentions = (part: unknown): boolean => namesUsed(part as Value).some((use) => use.name === name);
  if (own && 'undo' in own && own.undo && (mentions(own.undo) || takes(own.undo.send))) return true;
  if (own && !('send' in own) && !('trail' in own) && mentions(own.keep)) return true;
  return later.some(
    (step) =>
      mentions(step) ||
      step.when?.[name] !== undefined ||
      ('send' in step && takes(step.send)) ||
      ('undo' in step && step.undo !== undefined && takes(step.undo.send)) ||
      'trail' in step,
  );
}
