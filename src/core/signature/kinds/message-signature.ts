/** `message-signature`: HTTP message signatures (RFC 9421), with `Content-Digest` (RFC 9530). */
import { type BareItem, parseDictionary, serializeDictionary, Token } from 'structured-headers';
import type { MessageSignatureFile } from '../../collection/files/signature-file.js';
import type { KeyPath } from '../../collection/yaml.js';
import type { HeaderLine, WireRequest } from '../../exchange/request/wire.js';
import { Evaluation, omitted } from '../../expression/evaluation.js';
import { compileTemplate, type Template } from '../../expression/template.js';
import { headerValue } from '../../place/observed.js';
import { Problem } from '../../problem/problem.js';
import { parseDuration } from '../../value/measures.js';
import { ownMember } from '../../value/own-member.js';
import { textOf } from '../../value/text.js';
import { isValueMap, type Value } from '../../value/written.js';
import { withHeader } from '../adding.js';
import { messageAlgorithms } from '../message/algorithms.js';
import { paramsText, signatureBase, signatureParams } from '../message/base.js';
import { type Component, componentFrom } from '../message/components.js';
import { contentDigest, type DigestAlgorithm } from '../message/content-digest.js';
import { requestMessage, responseProblem } from '../message/verify.js';
import { RecipeNames } from '../recipe-run.js';
import type {
  SignatureKind,
  SignatureSetting,
  Signed,
  SigningContext,
  SigningStep,
  Verify,
} from '../signature-kind.js';

type LabelFile = MessageSignatureFile['signatures'][string];
type ResponsesFile = NonNullable<MessageSignatureFile['responses']>;

/** One signature, made ready. */
interface Label {
  readonly label: string;
  readonly components: readonly Component[];
  readonly algorithm: string;
  readonly key: Template;
  readonly texts: ReadonlyMap<'key-id' | 'nonce' | 'tag', Template>;
  readonly created: boolean;
  /** Seconds. */
  readonly lasts: number | undefined;
  readonly namesAlgorithm: boolean;
  /** Of the keys in its file: some vendors want the parameters in an order of their own. */
  readonly order: readonly string[];
}

export const messageSignature: SignatureKind<MessageSignatureFile> = {
  name: 'message-signature',
  about: 'HTTP message signatures (RFC 9421), with Content-Digest (RFC 9530)',
  compile({ digest, signatures, responses, answers }, setting) {
    const labels = Object.entries(signatures).map(([label, file]) => labelFrom(label, file, setting));
    if (labels.length === 0) {
      throw new Problem('file-shape', {
        what: 'signatures has no label',
        where: setting.yaml.position(['signatures']),
        remedy: 'signatures: {sig1: {components: ["@method", "@target-uri"], algorithm: …, key: …}}',
      });
    }
    if (responses && answers) {
      throw new Problem('file-shape', {
        what: '`responses` and its former name `answers` cannot be combined',
        where: setting.yaml.position(['answers'], 'key'),
        remedy: 'write all of it under responses',
      });
    }
    const key = responses ? 'responses' : 'answers';
    const verified = responses ?? answers;
    return {
      name: setting.name,
      sign: (wire, room) => signedBy(setting.name, labels, digest, wire, room),
      verify: verified && verifier(verified, key, setting),
    };
  },
};

function labelFrom(label: string, file: LabelFile, { yaml, loads }: SignatureSetting): Label {
  const path = ['signatures', label];
  if (!/^[a-z*][a-z0-9_.*-]*$/.test(label)) {
    throw new Problem('file-shape', {
      what: `${label} is not a signature label`,
      where: yaml.position(path, 'key'),
      remedy: 'a label is small letters, digits, - and _ (RFC 9651, section 3.2)',
    });
  }
  const template = (key: 'key' | 'key-id' | 'nonce' | 'tag', text: string): Template =>
    compileTemplate(text, yaml.position([...path, key]), loads);
  const components = file.components.map((spec, index) => {
    const at = [...path, 'components', index];
    return componentFrom(spec, yaml.position(at), keysAt(yaml.value, at));
  });
  const lasts = file.expires === undefined ? undefined : parseDuration(file.expires);
  return {
    label,
    components,
    algorithm: file.algorithm,
    key: template('key', file.key),
    texts: new Map(
      (['key-id', 'nonce', 'tag'] as const).flatMap((key) => {
        const text = file[key];
        return text === undefined ? [] : [[key, template(key, text)] as const];
      }),
    ),
    created: file.created ?? true,
    lasts: lasts === undefined ? undefined : Math.round(lasts / 1000),
    namesAlgorithm: file['name-algorithm'] ?? false,
    order: keysAt(yaml.value, path),
  };
}

/** The keys of a map of the file, in the order in which they are written there. */
function keysAt(value: Value, path: KeyPath): readonly string[] {
  let at: Value | undefined = value;
  for (const key of path) {
    if (Array.isArray(at)) at = at[Number(key)] as Value | undefined;
    else at = at !== undefined && isValueMap(at) ? (ownMember(at, String(key)) as Value | undefined) : undefined;
  }
  return at !== undefined && isValueMap(at) ? Object.keys(at) : [];
}

/** Each label after the other: a later one may cover an earlier one. */
function signedBy(
  name: string,
  labels: readonly Label[],
  digest: DigestAlgorithm | undefined,
  given: WireRequest,
  room: SigningContext,
): Signed {
  const steps: SigningStep[] = [];
  const { through } = room.runtime;
  let wire = given;
  const add = (header: string, value: string, secret: boolean): void => {
    const line: HeaderLine = { name: header, value, origin: `signature ${name}`, secret };
    wire = withHeader(wire, line);
    const index = steps.findIndex((step) => step.part === 'header' && step.name === header);
    if (index !== -1) steps.splice(index, 1);
    steps.push({ name: header, part: 'header', value, secret, shown: secret ? undefined : value });
  };
  if (digest !== undefined && wire.body) add('Content-Digest', contentDigest(wire.body, digest, through), false);
  for (const label of labels) {
    const evaluation = new Evaluation(new RecipeNames(name, wire, room.variables), room);
    const { components, algorithm } = label;
    const params = paramsText(signatureParams(components, parametersOf(label, evaluation, room)));
    const base = signatureBase(components, params, requestMessage(wire));
    const signature = messageAlgorithms.get(algorithm)?.sign(base, textFrom(label.key, evaluation), through);
    if (!signature) throw new Problem('file-shape', { what: `there is no algorithm ${algorithm}` });
    room.onSecret(Buffer.from(signature).toString('base64'));
    steps.push(
      { name: `${label.label} base`, part: 'value', value: base, secret: false, shown: base },
      { name: `${label.label} signature`, part: 'value', value: signature, secret: true, shown: undefined },
    );
    const input = [...membersIn(wire, 'signature-input'), `${label.label}=${params}`].join(', ');
    const value = [
      ...membersIn(wire, 'signature'),
      serializeDictionary(new Map([[label.label, [new Uint8Array(signature), new Map()]]])),
    ].join(', ');
    add('Signature-Input', input, false);
    add('Signature', value, true);
  }
  return { wire, steps };
}

/** Members that are there already, as they stand. @throws Problem expression-value: they are no dictionary */
function membersIn({ headers }: WireRequest, field: string): string[] {
  const text = headerValue(
    headers.map(({ name, value }) => [name, value]),
    field,
  );
  if (text === undefined) return [];
  try {
    parseDictionary(text);
  } catch {
    throw new Problem('expression-value', {
      what: `the request has a header ${field} already, and it is not a dictionary (RFC 9651)`,
      remedy: 'leave it out: the signature makes it',
    });
  }
  return [text];
}

/** Section 2.3: any order is permitted. Those that the file writes stand in its order, behind those that it does not. */
function parametersOf(
  { created, lasts, algorithm, namesAlgorithm, texts, order }: Label,
  evaluation: Evaluation,
  { runtime }: SigningContext,
): Map<string, BareItem> {
  const { now, through } = runtime;
  /** Where a program is written, a word that stands for the second in which it runs: a token is written as a number is. */
  const second = (later: number): BareItem => {
    const own = (): number => Math.floor(now.getTime() / 1000) + later;
    if (!through) return own();
    const moment = now.toISOString();
    const at = later === 0 ? moment : through('plus', moment, [`${later}s`], own);
    return new Token(textOf(through('unix', at, [], own)));
  };
  const text = (key: 'key-id' | 'nonce' | 'tag'): string | undefined => {
    const template = texts.get(key);
    return template && textFrom(template, evaluation);
  };
  const all: readonly (readonly [key: string, name: string, value: BareItem | undefined])[] = [
    ['created', 'created', created ? second(0) : undefined],
    ['expires', 'expires', lasts === undefined ? undefined : second(lasts)],
    ['key-id', 'keyid', text('key-id')],
    ['name-algorithm', 'alg', namesAlgorithm ? algorithm : undefined],
    ['nonce', 'nonce', text('nonce')],
    ['tag', 'tag', text('tag')],
  ];
  const ordered = all.toSorted(([one], [other]) => order.indexOf(one) - order.indexOf(other));
  return new Map(ordered.flatMap(([, name, value]) => (value === undefined ? [] : [[name, value] as const])));
}

function textFrom(template: Template, evaluation: Evaluation): string {
  const value = template.evaluate(evaluation);
  return value === omitted ? '' : textOf(value);
}

function verifier(file: ResponsesFile, at: 'responses' | 'answers', { name, yaml, loads }: SignatureSetting): Verify {
  const covered = (file.components ?? []).map((spec, index) =>
    componentFrom(spec, yaml.position([at, 'components', index])),
  );
  const oldest = parseDuration(file['older-than'] ?? '5m') as number;
  const keys = Object.entries(file.keys).map(([id, { algorithm, key }]) => ({
    id,
    algorithm: messageAlgorithms.get(algorithm) as NonNullable<ReturnType<typeof messageAlgorithms.get>>,
    key: compileTemplate(key, yaml.position([at, 'keys', id, 'key']), loads),
  }));
  return (received, sent, room) => {
    const evaluation = new Evaluation(new RecipeNames(name, sent, room.variables), room);
    return responseProblem(received, sent, {
      required: file.signed !== 'perhaps',
      covered,
      keys: new Map(keys.map(({ id, algorithm, key }) => [id, { algorithm, key: textFrom(key, evaluation) }])),
      oldest,
      now: room.runtime.now,
    });
  };
}
