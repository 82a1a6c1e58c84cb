/**
 * Every sentence that an error can say, by its code, read from the sources: a sentence stands where the problem is found, and
 * this is the one list of them. What is put into a sentence is a word in capitals; what has several ways to go gives several.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';
import { commandLineWords } from '../../src/cli/view/actions.js';

export interface Sentence {
  readonly what: string;
  readonly cause?: string | undefined;
  readonly remedy?: string | undefined;
}

/** More ways than these say nothing more. */
const most = 4;

/** @returns the sentences of each code, in the order of the files; one that hands on the words of another is left out */
export function sentencesIn(folder: string): ReadonlyMap<string, readonly Sentence[]> {
  const byCode = new Map<string, Map<string, Sentence>>();
  const sources = sourcesIn(folder);
  for (const source of sources) {
    each(source, (node) => {
      if (!ts.isNewExpression(node) || !ts.isIdentifier(node.expression) || node.expression.text !== 'Problem') return;
      for (const [code, sentence] of problemIn(node, sources)) {
        if (!/[a-z]/.test(sentence.what)) continue;
        const known = byCode.get(code) ?? new Map<string, Sentence>();
        byCode.set(code, known.set(JSON.stringify(sentence), sentence));
      }
    });
  }
  return new Map([...byCode].map(([code, sentences]) => [code, [...sentences.values()]]));
}

const sourcesIn = (folder: string): ts.SourceFile[] =>
  readdirSync(folder, { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith('.ts'))
    .sort()
    .map((file) => ts.createSourceFile(file, readFileSync(join(folder, file), 'utf8'), ts.ScriptTarget.Latest, true));

function each(node: ts.Node, visit: (node: ts.Node) => void): void {
  visit(node);
  ts.forEachChild(node, (child) => each(child, visit));
}

type Given = ReadonlyMap<string, ts.Expression>;

/** What a problem says; where a function makes it of what it is given, once for each call. */
function problemIn(made: ts.NewExpression, sources: readonly ts.SourceFile[]): (readonly [string, Sentence])[] {
  const [code, parts] = made.arguments ?? [];
  if (!code || !parts) return [];
  const maker = ts.findAncestor(made, (node): node is ts.FunctionLikeDeclaration => ts.isFunctionLike(node));
  const takes = maker?.parameters.some(({ name }) => mentions(name, code) || mentions(name, parts)) ?? false;
  const calls = maker && takes ? callsOf(maker, sources) : [];
  const all = calls.length > 0 ? calls : [new Map<string, ts.Expression>()];
  return all.flatMap((given) => sentencesOf(code, parts, given));
}

/** Does a problem take its words straight from a parameter? */
function mentions(parameter: ts.BindingName, part: ts.Expression): boolean {
  const names = new Set<string>();
  each(parameter, (node) => ts.isIdentifier(node) && names.add(node.text));
  if (ts.isIdentifier(part)) return names.has(part.text);
  if (!ts.isObjectLiteralExpression(part)) return false;
  return part.properties.some(
    (one) =>
      (ts.isShorthandPropertyAssignment(one) && names.has(one.name.text)) ||
      (ts.isPropertyAssignment(one) && ts.isIdentifier(one.initializer) && names.has(one.initializer.text)) ||
      (ts.isSpreadAssignment(one) && ts.isIdentifier(one.expression) && names.has(one.expression.text)),
  );
}

/** Its calls in its own file; in all, where others may call it. */
function callsOf(maker: ts.FunctionLikeDeclaration, sources: readonly ts.SourceFile[]): Given[] {
  const own = maker.getSourceFile();
  const holder = maker.parent;
  const name =
    (maker.name && ts.isIdentifier(maker.name) && maker.name.text) ||
    ((ts.isVariableDeclaration(holder) || ts.isPropertyAssignment(holder)) && holder.name.getText());
  if (!name) return [];
  const exported = new RegExp(`export (?:async )?(?:const|function) ${name}\\b`).test(own.text);
  const imported = new RegExp(`import [^;]*\\b${name}\\b[^;]* from`);
  return sources
    .filter((source) => source === own || (exported && imported.test(source.text)))
    .flatMap((source) => callsIn(source, name, maker.parameters));
}

function callsIn(source: ts.SourceFile, name: string, parameters: Iterable<ts.ParameterDeclaration>): Given[] {
  const calls: Given[] = [];
  each(source, (node) => {
    if (!ts.isCallExpression(node)) return;
    const called = ts.isPropertyAccessExpression(node.expression) ? node.expression.name : node.expression;
    if (!ts.isIdentifier(called) || called.text !== name) return;
    const given = new Map<string, ts.Expression>();
    for (const [index, parameter] of [...parameters].entries()) {
      const value = node.arguments[index] ?? parameter.initializer;
      if (value && ts.isIdentifier(parameter.name)) given.set(parameter.name.text, value);
    }
    calls.push(given);
  });
  return calls;
}

function sentencesOf(code: ts.Expression, parts: ts.Expression, given: Given): (readonly [string, Sentence])[] {
  const members = membersOf(parts, given);
  const what = members.get('what');
  if (!what) return [];
  const [cause, remedy] = ['cause', 'remedy'].map((name) => {
    const value = members.get(name);
    return value && oneOf(waysOf(value, given).filter((way) => way !== undefined && way !== ''));
  });
  return waysOf(code, given).flatMap((known) =>
    known === undefined
      ? []
      : waysOf(what, given).flatMap((way) => (way ? [[known, { what: way, cause, remedy }] as const] : [])),
  );
}

const oneOf = (ways: readonly (string | undefined)[]): string | undefined =>
  ways.length === 0 ? undefined : ways.join('; or: ');

function membersOf(parts: ts.Expression, given: Given): ReadonlyMap<string, ts.Expression> {
  const bare = resolved(parts, given);
  const members = new Map<string, ts.Expression>();
  if (!ts.isObjectLiteralExpression(bare)) return members;
  for (const one of bare.properties) {
    if (ts.isPropertyAssignment(one)) members.set(one.name.getText(), one.initializer);
    else if (ts.isShorthandPropertyAssignment(one)) members.set(one.name.text, one.name);
    else if (ts.isSpreadAssignment(one))
      for (const [name, value] of membersOf(unwrapped(one.expression), given)) members.set(name, value);
  }
  return members;
}

/** `condition && {…}`, brackets and assertions come off. */
function unwrapped(expression: ts.Expression): ts.Expression {
  if (ts.isParenthesizedExpression(expression) || ts.isAsExpression(expression) || ts.isNonNullExpression(expression))
    return unwrapped(expression.expression);
  if (ts.isBinaryExpression(expression) && expression.operatorToken.kind === ts.SyntaxKind.AmpersandAmpersandToken)
    return unwrapped(expression.right);
  return expression;
}

/** A name is followed to what it was given, or to its declaration as a constant in reach. */
function resolved(expression: ts.Expression, given: Given): ts.Expression {
  const bare = unwrapped(expression);
  if (!ts.isIdentifier(bare)) return bare;
  const passed = given.get(bare.text);
  if (passed) return passed === bare ? bare : resolved(passed, new Map());
  const declared = constantOf(bare);
  return declared ? resolved(declared, given) : bare;
}

function constantOf(name: ts.Identifier): ts.Expression | undefined {
  for (let scope: ts.Node | undefined = name.parent; scope; scope = scope.parent) {
    if (ts.isFunctionLike(scope) && scope.parameters.some((one) => one.name.getText() === name.text)) return undefined;
    if (!ts.isBlock(scope) && !ts.isSourceFile(scope) && !ts.isCaseOrDefaultClause(scope)) continue;
    for (const statement of scope.statements) {
      if (!ts.isVariableStatement(statement)) continue;
      for (const one of statement.declarationList.declarations)
        if (one.name.getText() === name.text && one.initializer && !within(name, one)) return one.initializer;
    }
  }
  return undefined;
}

const within = (node: ts.Node, outer: ts.Node): boolean => node.pos >= outer.pos && node.end <= outer.end;

/** The texts that an expression may come to; undefined for none. */
function waysOf(expression: ts.Expression, given: Given): (string | undefined)[] {
  const node = resolved(expression, given);
  const inner = node === unwrapped(expression) ? given : new Map<string, ts.Expression>();
  return [...new Set(rawWays(node, inner))].slice(0, most);
}

function rawWays(node: ts.Expression, given: Given): (string | undefined)[] {
  if (ts.isStringLiteralLike(node)) return [node.text];
  if (node.kind === ts.SyntaxKind.UndefinedKeyword || node.getText() === 'undefined') return [undefined];
  if (ts.isTemplateExpression(node)) {
    return joined([
      [node.head.text],
      ...node.templateSpans.flatMap((span) => [insideWays(span.expression, given), [span.literal.text]]),
    ]);
  }
  if (ts.isConditionalExpression(node)) return [...waysOf(node.whenTrue, given), ...waysOf(node.whenFalse, given)];
  if (ts.isBinaryExpression(node)) {
    const { kind } = node.operatorToken;
    if (kind === ts.SyntaxKind.PlusToken) return joined([insideWays(node.left, given), insideWays(node.right, given)]);
    if (kind === ts.SyntaxKind.QuestionQuestionToken || kind === ts.SyntaxKind.BarBarToken)
      return [...waysOf(node.left, given), ...waysOf(node.right, given)].filter((way) => way !== undefined);
  }
  const acted = actionIn(node, given);
  if (acted !== undefined) return [acted];
  return [nameOf(node, given)];
}

/** Inside a text an absent value is nothing. */
const insideWays = (expression: ts.Expression, given: Given): string[] => {
  const node = resolved(expression, given);
  const isText =
    ts.isStringLiteralLike(node) ||
    ts.isTemplateExpression(node) ||
    ts.isConditionalExpression(node) ||
    actionIn(node, given);
  return isText ? waysOf(expression, given).map((way) => way ?? '') : [nameOf(unwrapped(expression), given)];
};

const joined = (pieces: readonly (readonly (string | undefined)[])[]): string[] =>
  pieces.reduce<string[]>(
    (before, ways) => before.flatMap((text) => ways.map((way) => apart(text, way ?? ''))).slice(0, most),
    [''],
  );

/** What begins with a space of its own, as it is filled in, is a word in capitals here. */
const apart = (text: string, way: string): string =>
  /[a-z]$/.test(text) && /^[A-Z]/.test(way) ? `${text} ${way}` : text + way;

/** What to do, in the words of this program. */
function actionIn(node: ts.Expression, given: Given): string | undefined {
  if (!ts.isCallExpression(node) || !ts.isPropertyAccessExpression(node.expression)) return undefined;
  if (node.expression.expression.getText() !== 'action()') return undefined;
  const name = node.expression.name.text as keyof typeof commandLineWords;
  const act = commandLineWords[name] as (...values: unknown[]) => string;
  const listed = name === 'setSecret' || name === 'run';
  return act(
    ...node.arguments.map((argument) => {
      const value = ts.isArrayLiteralExpression(argument) ? 'NAME' : nameOf(argument, given);
      return listed ? [value] : value;
    }),
  );
}

/** Of a value that is not known before: what the code calls it, in capitals. */
function nameOf(expression: ts.Expression, given: Given): string {
  const node = unwrapped(expression);
  if (ts.isStringLiteralLike(node)) return node.text;
  if (ts.isIdentifier(node)) return capitals(node.text);
  if (ts.isPropertyAccessExpression(node)) {
    const { text } = node.name;
    return text === 'length' || text === 'size' ? 'COUNT' : capitals(text);
  }
  if (ts.isCallExpression(node)) return nameOfCall(node, given);
  if (ts.isElementAccessExpression(node)) return nameOf(node.expression, given);
  if (ts.isConditionalExpression(node)) return nameOf(node.whenTrue, given);
  if (ts.isBinaryExpression(node)) return nameOf(node.left, given);
  if (ts.isAwaitExpression(node)) return nameOf(node.expression, given);
  return 'VALUE';
}

/** Of a list in words the list, of a value shown the value, of what a method makes its object. */
function nameOfCall(node: ts.CallExpression, given: Given): string {
  const { expression, arguments: passed } = node;
  if (ts.isPropertyAccessExpression(expression)) {
    const owner = expression.expression;
    if (owner.getText() === 'JSON') return `"${nameOf(passed[0] as ts.Expression, given)}"`;
    if (ts.isIdentifier(owner) && /^[A-Z]/.test(owner.text) && passed[0]) return nameOf(passed[0], given);
    const [first] = passed;
    if (first && !(expression.name.text in String.prototype) && !(expression.name.text in Array.prototype))
      return nameOf(first, given);
    return ts.isArrayLiteralExpression(owner) ? 'NAMES' : nameOf(owner, given);
  }
  const [first] = passed;
  return first && !ts.isArrowFunction(first) && !ts.isObjectLiteralExpression(first)
    ? nameOf(first, given)
    : capitals(expression.getText());
}

const capitals = (name: string): string =>
  name
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .replace(/\W+/g, ' ')
    .toUpperCase();
