/** A request of the collection as a program: computed with marks in place of what the program learns when it runs. */
import type { Named } from '../../expression/names.js';
import { noNames } from '../../expression/names.js';
import { Problem } from '../../problem/problem.js';
import type { PreparedRequest } from '../../sending/prepare.js';
import { previewRequest } from '../../sending/preview.js';
import type { Preview } from '../../sending/sending.js';
import type { Workspace } from '../../sending/workspace.js';
import { sessionKinds } from '../../session/registry.js';
import { isSecretName } from '../../value/secret-fields.js';
import { type CodeExpression, withinExpression } from './expression.js';
import type { Language } from './language.js';
import { type CodeRequest, codeRequest, coveredBy } from './program.js';
import { NoCounterpart, type Symbols } from './symbols.js';

/** Kinds of session that answer what a server asks, or work in another way than by a value that is added. */
const ofTheConversation = new Set(['digest', 'certificate', 'ws-security']);

export interface CodeWishes {
  readonly given: (input: string) => Named | undefined;
  readonly language: Language;
  readonly sessions: readonly string[] | undefined;
  readonly signature: string | undefined;
}

/**
 * @param workspace opened with the symbols as stand-ins
 * @throws Problem usage: a part that the language cannot work out; and what keeps the request from being written
 */
export async function requestAsCode(
  workspace: Workspace,
  prepared: PreparedRequest,
  symbols: Symbols,
  { given, language, sessions: wanted = prepared.plan.sessions, signature }: CodeWishes,
): Promise<CodeRequest> {
  const left: string[] = [];
  const sessions = wanted.filter((name) => {
    const { content, name: full } = workspace.collection.read('session', name);
    const what = sessionKinds.get(content.kind)?.about ?? content.kind;
    if (ofTheConversation.has(content.kind)) left.push(`the session ${full} (${what})`);
    else if (content.kind === 'login' && content.token === undefined) left.push(`the cookies of the session ${full}`);
    else return true;
    return false;
  });
  const secretInputs = new Map(
    prepared.plan.inputs
      .filter(({ name, declaration }) => declaration.secret === true || isSecretName(name))
      .map(({ name }) => [name, { value: symbols.asked(name), origin: 'process environment', secret: true }] as const),
  );
  const look = (signed: string | undefined): Promise<Preview> =>
    previewRequest(workspace, prepared, {
      given: (input) => secretInputs.get(input) ?? given(input),
      caller: noNames,
      sessions,
      signature: signed,
      noCookies: true,
    });
  const made = (preview: Preview): CodeRequest => codeRequest(preview, symbols, left);
  const name = signature === 'none' ? undefined : (signature ?? prepared.signer?.name);
  if (name !== undefined) {
    const why = await withoutSignature();
    if (why === undefined) return made(await look(signature));
    left.push(`the signature ${name} (${why})`);
  }
  const bare = made(await look('none'));
  const wrong = unableIn(bare, language);
  if (wrong === undefined) return bare;
  throw new Problem('usage', {
    what: `a program in ${language.name} cannot compute ${operationText(wrong)} without further packages`,
    remedy: 'choose another language, such as python or node',
  });

  /** Why the signature has to be left out. */
  async function withoutSignature(): Promise<string | undefined> {
    try {
      const signed = await look(signature);
      const { body } = signed.wire;
      if (coveredBy(signed.wire).has('content-length') && body && !body.streamed && symbols.isIn(body.bytes))
        return 'it covers content-length, which is known only when the program runs';
      const wrong = unableIn(made(signed), language);
      return wrong && `${language.name} has nothing for ${operationText(wrong)}`;
    } catch (error) {
      if (error instanceof NoCounterpart) return `the filter ${error.filter} is not written as a program`;
      throw error;
    }
  }
}

function unableIn({ url, headers, bindings, body }: CodeRequest, { unable }: Language): CodeExpression | undefined {
  if (!unable) return undefined;
  const all = [
    url,
    ...headers.map(({ value }) => value),
    ...bindings.map(({ value }) => value),
    ...body.flatMap((one) => (one.kind === 'text' ? [one.value] : [])),
  ];
  const wrong = all.flatMap((one) => [...withinExpression(one)]).filter(unable);
  return wrong.find(({ op }) => op === 'hmac' || op === 'digest' || op === 'sign') ?? wrong[0];
}

function operationText(expression: CodeExpression): string {
  switch (expression.op) {
    case 'digest':
      return `the digest ${expression.algorithm}`;
    case 'hmac':
      return `the keyed digest ${expression.algorithm}`;
    case 'sign':
      return `a signature with a private key (${expression.scheme.kind})`;
    default:
      return `${expression.op} of a secret`;
  }
}
