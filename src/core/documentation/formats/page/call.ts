/** A method and a path as pages write them: together, apart, in a sentence. */
import { percentDecoded } from '../../../value/percent-decoded.js';
import type { ExampleRequest } from './messages.js';

export interface Call {
  readonly method: string;
  readonly path: string;
  readonly query: readonly string[];
}

/** Calls that a text names, and what it says beside them. */
export interface Named {
  readonly calls: readonly Call[];
  readonly beside: string;
}

const method = '(?:GET|POST|PUT|PATCH|DELETE|HEAD|OPTIONS)';
/** `GET, POST`, `GET|PUT`, `GET or POST`. */
const methods = `${method}(?:\\s*(?:,|\\||/|\\bor\\b|\\band\\b)\\s*${method})*`;
/** Placeholders may hold spaces: `{call id}`, `<id>`, `(id or name)`. */
const slot = '\\{[^{}\\n]{1,60}\\}|<[\\w:. -]{1,60}>|\\((?=[^()\\s]|[^()]* or )[\\w:. -]{1,60}\\)';
const host = `https?:\\/\\/(?:[\\w.:@-]|${slot}){1,300}|\\$?\\{[\\w.-]{1,60}\\}(?=\\/)`;
const path = `\\/(?:[^\\s\`"'<>(){},;|\\u2026]|${slot}){0,500}`;
const address = `(?:(?:${host})(?:${path})?|${path})`;

const whole = (pattern: string, flags = ''): RegExp => new RegExp(`^(?:${pattern})$`, flags);
/** `Endpoint:`, `HTTP method:`, `path:` before what they announce. */
const announced = '(?:[A-Za-z][A-Za-z ]{0,24}:\\s*)?';
const quote = '[`"\'*]*';

const together = new RegExp(`(?<![\\w/-])(${methods})\\b[\\s:]*${quote}(${address})`);
const leading = whole(
  `${announced}${quote}\\[?(${methods})\\b\\]?${quote}[\\s:–—-]*${quote}(${address})${quote}(.*)`,
  'is',
);
const apart = new RegExp(`(?<![\\w/-])(${method})\\b${quote}(?:\\s+[A-Za-z]+){1,3}:?\\s+${quote}(${address})`);
const trailing = whole(
  `(.*?)${quote}(${address})${quote}(?:[\\s:–—-]+[([]?|[([])((?:${method}[\\s,|/]*)+)[)\\]]?`,
  'i',
);
const methodsOnly = whole(`${announced}[[(]?${quote}(${methods})${quote}[\\])]?`, 'i');
const addressOnly = whole(`${announced}[[(]?${quote}(${address})${quote}[\\])]?`, 'i');

/** Characters. What is longer is a sentence, not a label. */
const longestLabel = 300;
/** Characters beside a call; more is a sentence that mentions it. */
const mostBeside = 40;

/**
 * The calls that a heading, a cell or a short text is about.
 * `GET /x`, `get /x`, `GET|PUT /x`, `/x [GET]`, `POST with name: /x`, `GET /x – what it does`.
 * @param within in a sentence, words before a call mention it: “add a filter to GET /x”
 */
export function callsNamed(text: string, within: 'label' | 'sentence' = 'label'): Named | undefined {
  const label = text.trim();
  if (label.length > longestLabel) return undefined;
  const first = leading.exec(label);
  if (first) {
    const [, verbs = '', where = '', rest = ''] = first;
    const beside = rest.replace(/^[\s:–—.\])-]+|[\s([]+$/g, '').trim();
    // In small letters they are words of the language too: “get /x when it rains”.
    const sure = verbs === verbs.toUpperCase() || beside === '' || /^\s*[–—:([-]/.test(rest);
    const split = /^\s*(?:[–—:]|-\s)/.test(rest);
    if (sure && (split || beside.length < mostBeside)) return { calls: callsOf(verbs, where), beside };
  }
  const found = together.exec(label) ?? apart.exec(label);
  if (found) {
    const [all, verbs = '', where = ''] = found;
    const before = label.slice(0, label.indexOf(all)).replace(/[`"'*]+$/, '');
    const after = label.slice(label.indexOf(all) + all.length);
    const mentioned = before !== '' && !/[:–—\n([-]\s*$/.test(before);
    if (mentioned && (within === 'sentence' || /^\s+\w/.test(after))) return undefined;
    const beside = label
      .replace(all, ' ')
      .replace(/\s+/g, ' ')
      .replace(/^[\s:–—[(-]+|[\s:–—\])-]+$/g, '');
    return beside.length < mostBeside ? { calls: callsOf(verbs, where), beside } : undefined;
  }
  const [, beside = '', where, verbs = ''] = trailing.exec(label) ?? [];
  if (where === undefined || beside.length >= mostBeside) return undefined;
  return { calls: callsOf(verbs, where), beside: beside.replace(/[\s:–—[(-]+$/, '') };
}

/** Whether a text begins with a call. */
export const leadsWithCall = (text: string): boolean => leading.test(text.slice(0, longestLabel).trim());

/** Where a text is the name of methods and nothing else. */
export const methodsAlone = (text: string): readonly string[] | undefined => {
  const found = text.length < 80 ? methodsOnly.exec(text.trim())?.[1] : undefined;
  return found === undefined ? undefined : verbsIn(found);
};

/** Where a text is an address and nothing else. */
export const addressAlone = (text: string): string | undefined =>
  text.length < longestLabel ? addressOnly.exec(text.trim())?.[1] : undefined;

/** Whether a text is a call, or a part of one. */
export const namesCall = (text: string): boolean =>
  methodsAlone(text) !== undefined || addressAlone(text) !== undefined || callsNamed(text) !== undefined;

/** `Berths [/berths]`, `Book one [POST]`: what is in brackets behind the words of a heading. */
export function bracketed(text: string): { readonly words: string; readonly inside: string } | undefined {
  if (text.length > longestLabel) return undefined;
  const [, words, inside] = /^([^[\]]*\S)\s*\[([^[\]]+(?:\[[^[\]]*\][^[\]]*)*)\]$/.exec(text.trim()) ?? [];
  return words === undefined || inside === undefined ? undefined : { words, inside };
}

const asCode = new RegExp(
  `(?<![\\w/-])\`?(${method})\`?\\s[^.!?\`]{0,60}\\b(?:request|query|call|endpoint)\\b[^.!?\`]{0,60}\`(${address})\``,
);
const asCodeBefore = new RegExp(
  `(?<![\\w/-])\`?(${method})\`?\\s[^.!?\`]{0,60}\`(${address})\`[^.!?\`]{0,20}\\bendpoint`,
);

/**
 * The call that a sentence tells to make: “send a `POST` request to the endpoint `/x`”.
 * @param marked what is code between backticks
 */
export function callSaid(marked: string): Call | undefined {
  if (marked.length > 1000) return undefined;
  const [, verb = '', where = ''] = asCode.exec(marked) ?? asCodeBefore.exec(marked) ?? [];
  return where === '' ? undefined : callsOf(verb, where)[0];
}

export const callsOf = (verbs: string, where: string): readonly Call[] =>
  verbsIn(verbs).map((verb) => callOf({ method: verb, address: where }));

const verbsIn = (text: string): readonly string[] =>
  [...text.matchAll(new RegExp(method, 'gi'))].map(([verb]) => verb.toUpperCase());

/** `/x/:id`, `/x/<id>`, `/x/[id]` and `/x/(id)` are `/x/{id}`; `/keys:verify` is what it is. */
export function callOf({ method, address }: Pick<ExampleRequest, 'method' | 'address'>): Call {
  const [written = '/', query = ''] = address
    .replace(/[​﻿]/g, '')
    .replace(/^(?:https?:\/\/(?:<[^>]*>|\{[^}]*\}|[^/?#<{])*|\$?\{[^{}/]+\}(?=\/))/i, '')
    .replace(/#.*$/, '')
    .split('?');
  const template = written
    .replace(/[.:]+$/, '')
    .replace(/(?<=\/):([A-Za-z_]\w*)|<([^>]+)>|\[([^\]]+)\]|\(([^()]+)\)|\$?\{([^{}]+)\}/g, (_, ...slots: string[]) =>
      slotOf(slots.find((one) => one !== undefined) ?? ''),
    );
  const names = query.split('&').flatMap((pair) => percentDecoded(pair.split('=')[0] ?? '') || []);
  return { method, path: template === '' ? '/' : template, query: names };
}

/** `int:id`, `id:[0-9]+` and `call id` are `id` and `call_id`. */
function slotOf(text: string): string {
  const [first = '', second] = text.split(':');
  const typed = second !== undefined && /^(?:int|integer|str|string|uuid|path|float|number|any)$/i.test(first);
  return `{${(typed ? second : first).trim().replace(/\s+/g, '_')}}`;
}

/** Whether the end of a path is one that a template stands for; some part of it must be the same. */
export function endsAs(path: string, template: string): boolean {
  const wanted = template.split('/').slice(1);
  const end = path.split('/').slice(-wanted.length);
  return (
    wanted.some((part) => part !== '' && !/^\{.*\}$/.test(part)) &&
    fitsPath(`/${end.join('/')}`, `/${wanted.join('/')}`)
  );
}

/** A slash at the end makes no difference here. */
export function fitsPath(path: string, template: string): boolean {
  const [a, b] = [path, template].map((one) => one.replace(/(.)\/$/, '$1').split('/')) as [string[], string[]];
  return a.length === b.length && b.every((part, index) => /^\{.*\}$/.test(part) || part === a[index]);
}
