/** `recipe`: named values over the request that is about to leave, and what they add to it. */
import type { RecipeFile } from '../../collection/files/signature-file.js';
import type { KeyPath } from '../../collection/yaml.js';
import { checkHeader } from '../../exchange/request/header-rules.js';
import type { Loads } from '../../expression/compile.js';
import { type Evaluation, omitted, type Result } from '../../expression/evaluation.js';
import { namesUsed } from '../../expression/names-used.js';
import { compileTree, type Tree } from '../../expression/tree.js';
import { Problem } from '../../problem/problem.js';
import { textOf } from '../../value/text.js';
import { isValueMap, type Value } from '../../value/written.js';
import { type Node, neededFor, ordered } from '../order.js';
import { type Program, runRecipe } from '../recipe-run.js';
import type { SignatureKind, SignatureSetting } from '../signature-kind.js';

/** Names that a value of a recipe cannot have: they mean something else in expressions. */
const taken = new Set(['sent', 'secret', 'now', 'uuid', 'nonce', 'absent', 'true', 'false', 'null']);

export const recipe: SignatureKind<RecipeFile> = {
  name: 'recipe',
  about: 'named values over the request that is about to leave, and the headers they make',
  compile({ define = {}, headers = {}, query = {}, body = {} }, setting) {
    const { name, yaml } = setting;
    for (const one of Object.keys(define)) {
      if (!taken.has(one)) continue;
      throw new Problem('file-shape', {
        what: `a value of a recipe cannot be called ${one}: that name has a meaning of its own`,
        where: yaml.position(['define', one], 'key'),
      });
    }
    for (const one of Object.keys(headers)) checkHeader(one, undefined, yaml.position(['headers', one], 'key'));
    const parts = [
      ['define', 'value', define],
      ['query', 'query', query],
      ['body', 'body', body],
      ['headers', 'header', headers],
    ] as const;
    const order = ordered(
      parts.flatMap(([key, part, values]) =>
        Object.entries(values).map(([one, value]) => planned(one, part, value as Value, [key, one], setting)),
      ),
    );
    const programs = [...order.keys()];
    const used = { members: sentMembersIn(programs), headers: headersIn(programs) };
    if (programs.every(({ part }) => part === 'value')) {
      throw new Problem('file-shape', {
        what: `the recipe ${name} adds nothing to a request`,
        where: { file: yaml.file },
        remedy: 'headers:, query: or body: says where its values go',
      });
    }
    return {
      name,
      sign: (wire, room, only) =>
        runRecipe(
          name,
          only ? neededFor(order, (node) => only.has(`${node.part} ${node.name}`)) : programs,
          wire,
          room,
          used,
        ),
    };
  },
};

type Planned = Program & Node;

/** The members of `sent` that are used; undefined where any may be. */
function sentMembersIn(programs: readonly Planned[]): ReadonlySet<string> | undefined {
  const uses = programs.flatMap((program) => program.uses).filter(({ name }) => name === 'sent');
  if (uses.some(({ keys }) => keys.length === 0)) return undefined;
  return new Set(uses.map(({ keys: [member] }) => member as string));
}

/** Headers that are looked at by name: one that is not there leaves its slot empty. */
const headersIn = (programs: readonly Planned[]): ReadonlySet<string> =>
  new Set(
    programs.flatMap(({ uses }) =>
      uses.flatMap(({ name, keys: [member, key] }) => (name === 'sent' && member === 'header' && key ? [key] : [])),
    ),
  );

function planned(
  name: string,
  part: Program['part'],
  value: Value,
  path: KeyPath,
  { yaml, loads }: SignatureSetting,
): Planned {
  return {
    name,
    part,
    where: yaml.position(path, 'key'),
    uses: namesUsed(value).map((use) => ({
      name: use.name,
      keys: use.keys ?? [],
      where: yaml.position([...path, ...use.path]),
    })),
    run: programOf(value, path, yaml, loads),
  };
}

function programOf(value: Value, path: KeyPath, yaml: SignatureSetting['yaml'], loads: Loads): Program['run'] {
  const compiled = (inner: Value, at: KeyPath): Tree =>
    compileTree(inner, (below) => yaml.position([...at, ...below]), loads);
  if (!isValueMap(value) || !Array.isArray(value.lines)) {
    const tree = compiled(value, path);
    return (evaluation) => tree.evaluate(evaluation);
  }
  const lines = value.lines.map((line: Value, index) => compiled(line ?? '', [...path, 'lines', index]));
  const between = value['joined-by'] === undefined ? '\n' : textOf(value['joined-by']);
  return (evaluation) => joinedLines(lines, between, evaluation);
}

/** A list is spliced in; what is omitted has no line, what is empty has an empty one. */
function joinedLines(lines: readonly Tree[], between: string, evaluation: Evaluation): Result {
  if (evaluation.pieces) return linesInPieces(lines, between, evaluation);
  const texts: string[] = [];
  for (const line of lines) {
    const value = line.evaluate(evaluation);
    if (value === omitted) continue;
    if (!Array.isArray(value)) texts.push(lineText(value));
    else for (const item of value as readonly Value[]) texts.push(lineText(item));
  }
  return texts.join(between);
}

/** The same for somebody who looks: of each piece is told whether it is secret. */
function linesInPieces(lines: readonly Tree[], between: string, evaluation: Evaluation): Result {
  const texts: string[] = [];
  const pieces: { text: string; secret: boolean }[] = [];
  for (const line of lines) {
    evaluation.pieces = [];
    const [value, secret] = evaluation.traced(() => line.evaluate(evaluation));
    if (value === omitted) continue;
    const own = evaluation.pieces;
    const items = (Array.isArray(value) ? (value as readonly Value[]) : [value]).map((item) => lineText(item));
    for (const [index, text] of items.entries()) {
      texts.push(text);
      if (texts.length > 1) pieces.push({ text: between, secret: false });
      if (secret && own.length > 1 && index === 0) pieces.push(...own);
      else pieces.push({ text, secret });
    }
  }
  evaluation.pieces = pieces;
  return texts.join(between);
}

function lineText(value: Value): string {
  if (value instanceof Uint8Array) {
    throw new Problem('expression-value', {
      what: 'a line is bytes',
      remedy: '| hex or | base64 writes bytes as text; | text reads them as UTF-8',
    });
  }
  return value === null ? '' : textOf(value);
}
