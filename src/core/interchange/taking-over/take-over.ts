/** Foreign requests as files of a collection: requests, the sessions and secrets that they need, and a trail that walks them. */
import { type Remarks, remarkedAt, yamlText } from '../../collection/yaml-text.js';
import { parseJson, writeJson } from '../../value/json-text.js';
import type { Value } from '../../value/written.js';
import { hasHole } from '../foreign/holes.js';
import type { ForeignRequest, LeftOut, Read } from '../foreign/request.js';
import type { NewFile } from '../new-files.js';
import { ResponseValues } from './chain.js';
import { addressParts } from './content.js';
import { credentialsApart, withoutUserInfo } from './credentials.js';
import { type Group, type GroupContent, groupContent, type Member, SecretNames } from './groups.js';
import { freeName, isIdentifier, requestName } from './names.js';
import { NewSessions } from './sessions.js';
import { shapeOf } from './shapes.js';
import { stepsOf } from './steps.js';

/** What the documentation knows of a call. */
export interface Documented {
  /** SOURCE/OPERATION */
  readonly operation: string;
  /** The names of its parameters by the place of their segment, in the path of the call. */
  readonly segmentNames: ReadonlyMap<number, string>;
}

export interface TakeOverSettings {
  /** The name of the one request, or of the folder and the trail of several. */
  readonly as: string | undefined;
  /** Where it is from, for people. */
  readonly from: string;
  /** The name of the folder and the trail of several where `as` says none. */
  readonly trail: string;
  /** Bodies and queries stay letter by letter. */
  readonly exact: boolean;
  /** Where the schemas for editors are, from the collection. */
  readonly schemas: string;
  readonly documented: (method: string, segments: readonly string[]) => Documented | undefined;
  /** The text of a file of the collection; undefined where there is none. */
  readonly existing: (file: string) => string | undefined;
  /** Whether a request of that name has a session that its folder says, where it says none itself. */
  readonly inheritsSession: (name: string) => boolean;
  /** Where in the collection a file is expected that a request sends. */
  readonly fileAt: (path: string) => string;
}

export interface TakenOver {
  readonly files: readonly NewFile[];
  /** Names of requests, in the order in which they were first made. */
  readonly requests: readonly string[];
  readonly trail: string | undefined;
  readonly sessions: readonly string[];
  /** Names of the secrets that are to be set. */
  readonly secrets: readonly string[];
  /** Inputs that have no value, `request input`. */
  readonly open: readonly string[];
  /** What `origin` has to be; undefined where nothing says it. */
  readonly origin: string | undefined;
  /** Others that requests go to. */
  readonly hosts: readonly string[];
  readonly left: readonly LeftOut[];
}

/** Repeated bodies of so many characters have a file of their own. */
const longEnough = 200;

export function takeOver(read: Read, settings: TakeOverSettings): TakenOver {
  const left = [...read.left];
  const members = withoutRepeats(read.requests.map(withoutUserInfo), left).map((request, index): Member => {
    const apart = credentialsApart(request);
    return { index, ...apart };
  });
  const origin = mainOrigin(members);
  const groups = grouped(members, settings);
  const names = named(groups, settings);
  const secrets = new SecretNames();
  const made = groups.map((group) =>
    groupContent(group, secrets, {
      exact: settings.exact,
      fileAt: settings.fileAt,
      origin: originWritten(group, origin),
    }),
  );
  const requestAt = (index: number): string => names[groupOf(groups, index)] as string;
  const { values, sessionsOf, sessions } = withSessions(members, groups, made, secrets, settings, requestAt);
  const opening = new Set(sessions.all.flatMap(({ opensWith }) => (opensWith === undefined ? [] : [opensWith])));
  const bodies = new Map<string, string[]>();
  for (const [index, { content }] of made.entries()) {
    const text = bodyText(content);
    if (text !== undefined) bodies.set(text, [...(bodies.get(text) ?? []), names[index] as string]);
  }
  const templates = new Map<string, NewFile>();
  for (const [text, users] of bodies) {
    const [first] = users;
    if (first !== undefined && users.length > 1)
      templates.set(text, { file: `bodies/${first.replaceAll('/', '-')}.json`, text });
  }
  const steps = members.filter(({ index }) => !opening.has(index));
  const trail = steps.length > 1 ? (settings.as ?? settings.trail) : undefined;
  const trailFile =
    trail === undefined ? undefined : trailText(trail, steps, { groups, made, values, requestAt }, settings);
  const requestFiles = groups.map((group, index) => ({
    file: `requests/${names[index]}.yaml`,
    text: requestText(
      names[index] as string,
      group,
      made[index] as GroupContent,
      sessionsOf(group),
      templates,
      settings,
    ),
  }));
  return {
    files: [
      ...requestFiles,
      ...templates.values(),
      ...sessions.all.map(({ name, text }) => ({ file: `sessions/${name}.yaml`, text })),
      ...(trailFile === undefined ? [] : [{ file: `trails/${trail}.yaml`, text: trailFile }]),
    ],
    requests: names,
    trail,
    sessions: sessions.all.map(({ name }) => name),
    secrets: secrets.names,
    open: made.flatMap(({ inputs }, index) =>
      [...inputs].flatMap(([input, { default: value }]) => (value === undefined ? [`${names[index]} ${input}`] : [])),
    ),
    origin,
    hosts: [...new Set(members.flatMap(({ request }) => addressParts(request.url).origin ?? []))].filter(
      (one) => one !== origin,
    ),
    left,
  };
}

/** What is asked again at once, as a browser does that waits, is one call. */
function withoutRepeats(requests: readonly ForeignRequest[], left: LeftOut[]): ForeignRequest[] {
  const kept: ForeignRequest[] = [];
  const repeated = new Map<ForeignRequest, number>();
  for (const request of requests) {
    const before = kept.at(-1);
    const same =
      before !== undefined &&
      /^(?:GET|HEAD)$/.test(request.method) &&
      before.method === request.method &&
      before.url === request.url &&
      JSON.stringify(before.headers) === JSON.stringify(request.headers);
    if (!same) kept.push(request);
    else {
      repeated.set(before, (repeated.get(before) ?? 0) + 1);
      // The last response is the one that what follows goes on with.
      if (request.response) kept[kept.length - 1] = { ...before, response: request.response };
      const now = kept.at(-1) as ForeignRequest;
      repeated.set(now, repeated.get(before) ?? 1);
      if (now !== before) repeated.delete(before);
    }
  }
  for (const [request, times] of repeated)
    left.push({
      from: request.from,
      what: `${times} further ${times === 1 ? 'call' : 'calls'} of the same kind, right behind it`,
    });
  return kept;
}

/** The origin of most requests. */
function mainOrigin(members: readonly Member[]): string | undefined {
  const counts = new Map<string, number>();
  for (const { request } of members) {
    const { origin } = addressParts(request.url);
    if (origin !== undefined) counts.set(origin, (counts.get(origin) ?? 0) + 1);
  }
  return [...counts].sort(([, a], [, b]) => b - a)[0]?.[0];
}

function originWritten({ members: [first] }: Group, main: string | undefined): string {
  const { origin } = addressParts((first as Member).request.url);
  return origin === undefined || origin === main ? '${origin}' : origin;
}

function grouped(members: readonly Member[], { documented }: TakeOverSettings): Group[] {
  const groups = new Map<string, { members: Member[] } & Omit<Group, 'members'>>();
  for (const member of members) {
    const { method, url } = member.request;
    const known = documented(method, addressParts(url).segments);
    const shape = shapeOf(member.request, known?.segmentNames, known?.operation);
    const group = groups.get(shape);
    if (group) group.members.push(member);
    else groups.set(shape, { members: [member], segmentNames: known?.segmentNames, operation: known?.operation });
  }
  return [...groups.values()];
}

const groupOf = (groups: readonly Group[], member: number): number =>
  groups.findIndex(({ members }) => members.some(({ index }) => index === member));

function named(groups: readonly Group[], { as, trail }: TakeOverSettings): string[] {
  const taken = new Set<string>();
  return groups.map(({ members: [first], segmentNames }) => {
    const { request } = first as Member;
    const { segments } = addressParts(request.url);
    const parts = segments.map((segment, index) =>
      segmentNames?.has(index) || hasHole(segment) || isIdentifier(segment) ? '{}' : segment,
    );
    const own = requestName(request, parts);
    const wanted = groups.length > 1 ? `${as ?? trail}/${own}` : (as ?? own);
    const name = freeName(wanted, (one) => taken.has(one));
    taken.add(name);
    return name;
  });
}

function withSessions(
  members: readonly Member[],
  groups: readonly Group[],
  made: readonly GroupContent[],
  secrets: SecretNames,
  { schemas, existing }: TakeOverSettings,
  requestAt: (index: number) => string,
) {
  const sessions = new NewSessions({
    schema: `../${schemas}/session.json`,
    secrets,
    existing: (name) => existing(`sessions/${name}.yaml`),
    requestAt,
  });
  const values = new ResponseValues();
  const bySession = new Map<Group, Set<string>>();
  /** What the responses before each request held. */
  for (const { index, request, credentials } of members) {
    const group = groups[groupOf(groups, index)] as Group;
    const place = group.members.findIndex((one) => one.index === index);
    for (const credential of credentials) {
      const session = sessions.of(credential, values);
      const own = bySession.get(group) ?? new Set();
      bySession.set(group, own.add(session.name));
    }
    for (const value of made[groups.indexOf(group)]?.given[place]?.values() ?? []) values.carried(value, index);
    values.add(request.response, index);
  }
  return { values, sessions, sessionsOf: (group: Group): readonly string[] => [...(bySession.get(group) ?? [])] };
}

/** Of a body without inputs, its text. */
function bodyText({ body }: Record<string, unknown>): string | undefined {
  const json = (body as { json?: Value } | undefined)?.json;
  if (json === undefined) return undefined;
  const text = `${JSON.stringify(json, undefined, 2)}\n`;
  // Numbers that JSON.stringify writes otherwise would not stay as they are.
  return text.length >= longEnough && writeJson(parseJson(text)) === writeJson(json) ? text : undefined;
}

function requestText(
  name: string,
  { operation, members }: Group,
  { content, inputs }: GroupContent,
  sessions: readonly string[],
  templates: ReadonlyMap<string, NewFile>,
  { schemas, from, inheritsSession }: TakeOverSettings,
): string {
  const statuses = new Set(members.flatMap(({ request }) => request.response?.status ?? []));
  const [status] = statuses;
  const template = templates.get(bodyText(content) ?? '');
  const { body, ...rest } = content;
  const up = '../'.repeat(name.split('/').length);
  return `# yaml-language-server: $schema=${up}${schemas}/request.json\n${yamlText({
    about: `Imported from ${from}`,
    ...(operation !== undefined && { operation }),
    ...(inputs.size > 0 && { inputs: Object.fromEntries(inputs) }),
    ...rest,
    ...(sessions.length === 0 && inheritsSession(name) && { session: 'none' }),
    ...(sessions.length === 1 && { session: sessions[0] }),
    ...(sessions.length > 1 && { session: sessions }),
    ...(body !== undefined && { body: template ? { template: template.file } : body }),
    ...(status !== undefined && statuses.size === 1 && { expect: { status } }),
  })}`;
}

function trailText(
  name: string,
  members: readonly Member[],
  made: Parameters<typeof stepsOf>[1],
  { from, schemas }: TakeOverSettings,
): string {
  const { steps, inputs, guesses } = stepsOf(members, made);
  const remarks: Remarks = new Map(
    guesses.map(({ step, name: kept }) => [
      remarkedAt('steps', step, 'keep', kept),
      'a guess: a later request repeats this value',
    ]),
  );
  const up = '../'.repeat(name.split('/').length);
  return `# yaml-language-server: $schema=${up}${schemas}/trail.json\n${yamlText(
    {
      about: `Imported from ${from}`,
      ...(inputs.size > 0 && {
        inputs: Object.fromEntries(inputs),
      }),
      steps,
    },
    remarks,
  )}`;
}
