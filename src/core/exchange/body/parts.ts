/** `parts`: multipart/form-data (RFC 7578). Texts, values, templates and files, the files streamed from the disk. */
import { randomBytes } from 'node:crypto';
import { createReadStream, statSync } from 'node:fs';
import { basename } from 'node:path';
import { Readable } from 'node:stream';
import type { Evaluation } from '../../expression/evaluation.js';
import { omitted } from '../../expression/evaluation.js';
import type { NamedFile } from '../../expression/files-used.js';
import { compileTemplate } from '../../expression/template.js';
import { compileTree, replacedAt, type SecretTrace, type TreePath } from '../../expression/tree.js';
import { Problem } from '../../problem/problem.js';
import { writeJson } from '../../value/json-text.js';
import { sizeText } from '../../value/measures.js';
import { textOf } from '../../value/text.js';
import { isValueMap, plain, type Value } from '../../value/written.js';
import { type BodyPart, hidden, type WireBody } from '../request/wire.js';
import type { BodyKind, BodySetting } from './body-kind.js';
import { filePieces } from './file-pieces.js';
import { mediaTypeOf } from './media-type.js';
import { pathNamed, writtenOut } from './named-file.js';
import { compileTemplateFile } from './template.js';

/** One part made ready. */
export interface Part {
  readonly name: string;
  /** The name that the file is given; undefined for a plain field. */
  readonly fileName: string | undefined;
  /** undefined for a plain field, whose text is UTF-8. */
  readonly type: string | undefined;
  readonly content:
    | { readonly bytes: Buffer; readonly shown: string }
    | { readonly path: string; readonly named: string };
}

type PartPlan = (evaluation: Evaluation) => readonly Part[];

export const parts: BodyKind = {
  name: 'parts',
  about: 'multipart/form-data: texts, values, templates and files',
  files: (spec) =>
    Object.entries(isValueMap(spec) ? spec : {}).flatMap(([name, given]) =>
      Array.isArray(given)
        ? (given as readonly Value[]).flatMap((one, index) => fileOf(one, [name, index]))
        : fileOf(given, [name]),
    ),
  compile(spec, setting) {
    if (!isValueMap(spec))
      throw new Problem('body-shape', { what: 'parts is a map of names and contents', where: setting.where([]) });
    const plans = Object.entries(spec).map(([name, value]) => planPart(name, value, setting));
    return (evaluation) => {
      const [body, secret] = evaluation.traced(() => multipart(plans.flatMap((plan) => plan(evaluation))));
      return { ...body, secret };
    };
  },
};

const fileOf = (part: Value, path: TreePath): NamedFile[] =>
  isValueMap(part) ? writtenOut(part.file, [...path, 'file']) : [];

const kinds = ['text', 'file', 'template', 'json'] as const;

function planPart(name: string, given: Value, setting: BodySetting): PartPlan {
  if (Array.isArray(given)) {
    const each = given.map((one: Value, index) =>
      planPart(name, one, { ...setting, where: (path) => setting.where([name, index, ...path.slice(1)]) }),
    );
    return (evaluation) => each.flatMap((plan) => plan(evaluation));
  }
  const { where, loads } = setting;
  if (!isValueMap(given)) {
    const tree = compileTree(given, () => where([name]), loads);
    return (evaluation) => {
      const trace: SecretTrace = { path: [], secret: [] };
      const value = tree.evaluate(evaluation, trace);
      if (value === omitted) return [];
      const shown = replacedAt(value, trace.secret, hidden);
      // A list of texts becomes a field for each.
      if (!Array.isArray(value)) return [field(name, value, shown)];
      return (value as readonly Value[]).map((one, index) =>
        field(name, one, Array.isArray(shown) ? (shown[index] as Value) : shown),
      );
    };
  }
  const kind = kinds.find((one) => Object.hasOwn(given, one));
  const unknown = Object.keys(given).find((key) => key !== kind && key !== 'type' && key !== 'name');
  if (kind === undefined || unknown !== undefined) {
    throw new Problem('body-shape', {
      what: kind === undefined ? `the part ${name} has no content` : `the part ${name} has an unknown key ${unknown}`,
      where: where([name, ...(unknown === undefined ? [] : [unknown])]),
      remedy: `one of ${kinds.join(', ')}, and optionally type and name`,
    });
  }
  const optional = (key: 'type' | 'name'): ((evaluation: Evaluation) => string | undefined) => {
    if (given[key] === undefined) return () => undefined;
    const template = compileTemplate(given[key] as Value, where([name, key]), loads);
    return (evaluation) => {
      const value = template.evaluate(evaluation);
      return value === omitted ? undefined : textOf(value);
    };
  };
  const content = contentPlan(kind, given[kind] as Value, name, setting);
  const [type, fileName] = [optional('type'), optional('name')];
  return (evaluation) => {
    const made = content(evaluation);
    if (!made) return [];
    return [{ ...made, name, type: type(evaluation) ?? made.type, fileName: fileName(evaluation) ?? made.fileName }];
  };
}

function contentPlan(
  kind: (typeof kinds)[number],
  spec: Value,
  name: string,
  setting: BodySetting,
): (evaluation: Evaluation) => Part | undefined {
  const { where, loads } = setting;
  if (kind === 'template') {
    const template = compileTemplateFile(spec, { ...setting, where: () => where([name, kind]) });
    return (evaluation) => {
      const made = template(evaluation);
      return (
        made && {
          name,
          fileName: undefined,
          type: made.type,
          content: { bytes: Buffer.from(made.bytes), shown: made.shown },
        }
      );
    };
  }
  const tree = compileTree(spec, (path) => where([name, kind, ...path]), loads);
  return (evaluation) => {
    const trace: SecretTrace = { path: [], secret: [] };
    const value = tree.evaluate(evaluation, trace);
    if (value === omitted) return undefined;
    const shown = replacedAt(value, trace.secret, hidden);
    if (kind === 'text') return field(name, value, shown);
    if (kind === 'json') {
      const text = writeJson(value);
      return {
        name,
        fileName: undefined,
        type: 'application/json',
        content: { bytes: Buffer.from(text), shown: writeJson(shown) },
      };
    }
    const named = textOf(value);
    return {
      name,
      fileName: basename(named),
      type: mediaTypeOf(named),
      content: { path: pathNamed(named, evaluation, where([name, kind])), named },
    };
  };
}

function field(name: string, value: Value, shown: Value): Part {
  if (plain(value) === null || isValueMap(value)) {
    throw new Problem('body-shape', {
      what: `the part ${name} is ${plain(value) === null ? 'null' : 'a map'}`,
      remedy: '${absent} leaves it out; json: sends a structure',
    });
  }
  const text = textOf(value);
  return {
    name,
    fileName: undefined,
    type: undefined,
    content: { bytes: Buffer.from(text), shown: textOf(shown) },
  };
}

/** The parts as one body; files are opened when it is sent, and again for every try. */
export function multipart(given: readonly Part[]): WireBody {
  const boundary = `part-${randomBytes(12).toString('hex')}`;
  const pieces: BodyPart[] = [];
  const shown: string[] = [];
  let size = 0;
  let streamed = false;
  const add = (text: string): void => {
    const bytes = Buffer.from(text, 'utf8');
    pieces.push(bytes);
    size += bytes.length;
    shown.push(text);
  };
  for (const { name, fileName, type, content } of given) {
    const file = fileName === undefined ? '' : `; filename="${quotedName(fileName)}"`;
    add(`--${boundary}\r\nContent-Disposition: form-data; name="${quotedName(name)}"${file}\r\n`);
    add(type === undefined ? '\r\n' : `Content-Type: ${type}\r\n\r\n`);
    if ('bytes' in content) {
      pieces.push(content.bytes);
      size += content.bytes.length;
      shown.push(content.shown);
    } else {
      const own = statSync(content.path).size;
      pieces.push({ path: content.path, named: content.named });
      size += own;
      streamed = true;
      shown.push(`(${sizeText(own)} of ${content.named})`);
    }
    add('\r\n');
  }
  add(`--${boundary}--\r\n`);
  const whole = streamed ? new Uint8Array() : Buffer.concat(pieces as Buffer[]);
  return {
    bytes: whole,
    ...(streamed && {
      streamed: {
        size,
        open: () => Readable.from(bytesOf(pieces), { objectMode: false }),
        pieces: () => allPieces(pieces),
        parts: pieces,
      },
    }),
    type: `multipart/form-data; boundary=${boundary}`,
    shown: shown.join(''),
    secret: false,
  };
}

async function* bytesOf(pieces: readonly BodyPart[]): AsyncGenerator<Uint8Array> {
  for (const piece of pieces) {
    if ('path' in piece) yield* createReadStream(piece.path);
    else yield piece;
  }
}

function* allPieces(pieces: readonly BodyPart[]): Generator<Uint8Array> {
  for (const piece of pieces) {
    if ('path' in piece) yield* filePieces(piece.path);
    else yield piece;
  }
}

/** A name inside quotes (RFC 7578, section 5.1; WHATWG HTML, multipart form data). */
const quotedName = (name: string): string =>
  name.replaceAll('"', '%22').replaceAll('\r', '%0D').replaceAll('\n', '%0A');
