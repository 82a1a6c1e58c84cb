/** Things and the paths that name them. */
import { ownMember } from '../../value/own-member.js';
import { isValueMap, type Value, type ValueMap } from '../../value/written.js';
import { identityName, likeBefore } from './identity.js';
import { memberAt, thingPath } from './memory.js';
import type { Route } from './routes.js';

export const isMember = ({ template }: Route): boolean => /\{[^}]*\}\/?$/.test(template);

export const lastName = (template: string): string | undefined => /\{([^}]*)\}[^{]*\/?$/.exec(template)?.[1];

/** A path with its values, decoded. */
export const filled = (template: string, values: Readonly<Record<string, string>>): string =>
  template.replace(/\{([^}]*)\}/g, (whole, name: string) => ownMember(values, name) ?? whole).replace(/(?<=.)\/+$/, '');

/** Members that are called as parameters of the path are have their values. @param own the one that names the thing itself */
export function withNames(
  thing: ValueMap,
  values: Readonly<Record<string, string>>,
  own: string | undefined,
): ValueMap {
  const made: Record<string, Value> = { ...thing };
  for (const [parameter, text] of Object.entries(values)) {
    const name =
      parameter === own ? identityName(thing, parameter) : Object.hasOwn(thing, parameter) ? parameter : undefined;
    if (name !== undefined) made[name] = likeBefore(text, ownMember(thing, name));
  }
  return made;
}

export function thingOf(value: Value | undefined): ValueMap {
  if (value === undefined || !isValueMap(value)) return {};
  const thing = memberAt(value, thingPath(value));
  return thing !== undefined && isValueMap(thing) ? thing : {};
}
