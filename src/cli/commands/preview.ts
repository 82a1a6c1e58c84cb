/** `preview`: exactly what would be sent, with the origin of every value; nothing is sent. */

import { bodySize, hidden, type WireRequest } from '../../core/exchange/wire.js';
import { type Named, noNames } from '../../core/expression/names.js';
import { shortText } from '../../core/matcher/reading.js';
import { nearestHint } from '../../core/problem/nearest.js';
import { Problem } from '../../core/problem/problem.js';
import { type Against, compareAgainst, unescaped } from '../../core/signature/against/compare.js';
import { shownValue } from '../../core/signature/recipe-run.js';
import type { SigningStep } from '../../core/signature/signature-kind.js';
import { previewRequest } from '../../core/trail/send.js';
import type { Preview } from '../../core/trail/sending.js';
import { sizeText } from '../../core/value/measures.js';
import { isSecretName } from '../../core/value/secret-fields.js';
import { textOf } from '../../core/value/text.js';
import { plain, type Value } from '../../core/value/written.js';
import { type CommandModule, examples } from '../command.js';
import type { Documents } from '../documents.js';
import { emit } from '../emit.js';
import { sessionsFrom, withInputs } from '../giving.js';
import { momentFrom, textOrFile } from '../signing.js';
import type { Terminal } from '../terminal.js';
import { colouredJsonText } from '../view/json.js';
import { printable, printableLine } from '../view/printable.js';
import { againstText, signatureText } from '../view/signature.js';
import { table } from '../view/table.js';

export const { configure }: CommandModule = {
  configure(command, run) {
    command
      .argument('<request>', 'a request of the collection')
      .option('--session <name>', 'another session, or none')
      .option('--ask', 'ask for inputs that have a default, too')
      .option('--reveal', 'show secrets as they would leave; they are shown nowhere else')
      .option('--sign <name>', 'another signature, or none')
      .option('--signature', 'show how the signature is made, value by value')
      .option('--against <text>', 'compare with what the vendor shows: a text, or the name of a file with it')
      .option('--value <name>', 'the value that --against means; else the one that is most alike')
      .option('--time <time>', 'sign as at another time, such as 2026-11-24T09:30:00Z')
      .option('--nonce <text>', 'sign with this nonce')
      .action(
        run(async (context, [name = ''], { session, ask, reveal, sign, signature, against, value, time, nonce }) => {
          const { terminal } = context;
          const workspace = await context.workspace({ moment: momentFrom(time, nonce) });
          const prepared = await workspace.prepare(name);
          const preview = await withInputs(workspace, prepared, terminal, ask === true, ({ given }) =>
            previewRequest(workspace, prepared, {
              given,
              caller: noNames,
              sessions: sessionsFrom(session),
              signature: sign as string | undefined,
            }),
          );
          const eyes = reveal === true ? revealing : hiding(workspace.redactor.hide);
          if (reveal === true) terminal.note(`${terminal.err.yellow('warning')}  secrets are shown`);
          const compared =
            against === undefined ? undefined : comparedWith(preview, against as string, value as string | undefined);
          if (value !== undefined && against === undefined)
            throw new Problem('usage', { what: '--value goes with --against' });
          if (terminal.json) return emit(terminal, 'preview', previewDocument(preview, eyes, compared));
          for (const doubt of preview.doubts) terminal.note(`${terminal.err.yellow('warning')}  ${doubt}`);
          const about = `environment ${workspace.environment.name}; nothing is sent`;
          if (signature === true || compared) terminal.print(signaturePreview(preview, about, terminal, eyes));
          else terminal.print(previewText(preview, about, terminal, eyes));
          if (compared) terminal.print(`\n${againstText(compared, eyes.text, terminal)}`);
          const missing = preview.signed?.missing;
          if (missing) {
            terminal.note(`${terminal.err.yellow('warning')}  ${missing.what}: what is made from it is left out`);
            if (missing.remedy !== undefined) terminal.note(`try      ${missing.remedy}`);
          }
          for (const one of preview.notOpen) terminal.note(`the session ${one} is not open: send opens it first`);
          return compared && !compared.same ? 1 : 0;
        }),
      );
    examples(command, [
      ['preview calls/book', 'with the defaults of its inputs'],
      ['preview calls/book --set nights=3 --json', 'for programs'],
      ['preview calls/book --session none', 'without the session'],
      ['preview calls/book --reveal', 'with its secrets, on purpose'],
      ['preview manifests/file --signature', 'how its signature is made, value by value'],
      [
        'preview manifests/file --time 2026-03-02T09:30:00Z --against data/filing-guide.txt',
        "held against the example of the vendor's guide",
      ],
    ]);
  },
};

/** What of a request is seen. */
interface Eyes {
  url(wire: WireRequest): string;
  header(line: WireRequest['headers'][number]): string;
  body(body: NonNullable<WireRequest['body']>): string;
  /** undefined where it is hidden. */
  named(name: string, named: Named): Value | undefined;
  /** Of what is shown already. */
  text(text: string): string;
  /** undefined where nothing of it may be seen. */
  step(step: SigningStep): string | undefined;
}

const hiding = (hide: (text: string) => string): Eyes => ({
  url: ({ shownUrl }) => hide(shownUrl),
  header: ({ value, secret }) => (secret ? hidden : hide(value)),
  body: ({ shown }) => hide(shown),
  named: (name, { value, secret }) => (secret || isSecretName(name) ? undefined : value),
  text: hide,
  step: ({ shown }) => (shown === undefined ? undefined : hide(shown)),
});

const revealing: Eyes = {
  url: ({ url }) => url.href,
  header: ({ value }) => value,
  // What is streamed from files is not read for a look.
  body: ({ bytes, streamed, shown }) => (streamed ? shown : Buffer.from(bytes).toString('utf8')),
  named: (_, { value }) => value,
  text: (text) => text,
  step: ({ value }) => shownValue(value),
};

/** @throws Problem usage: the request is not signed, or has no such value */
function comparedWith({ signed }: Preview, given: string, value: string | undefined): Against {
  if (!signed) throw notSigned();
  const ours = signed.steps.map((step) => textOf(step.value));
  const theirs = unescaped(textOrFile(given), ours);
  const compared = compareAgainst(signed.steps, theirs, value);
  if (compared?.same === false && theirs.endsWith('\n')) {
    // Editors end a file with a line break that is no part of the text.
    const without = compareAgainst(signed.steps, theirs.slice(0, -1), value);
    if (without && (without.same || !ours.some((text) => text.endsWith('\n')))) return without;
  }
  if (compared) return compared;
  const names = signed.steps.map((step) => step.name);
  throw new Problem('usage', {
    what: value === undefined ? 'the signature has no text to compare with' : `the signature has no text ${value}`,
    remedy: `${value === undefined ? '' : `${nearestHint(value, names)}; `}there are ${names.join(', ')}`,
  });
}

const notSigned = (): Problem =>
  new Problem('usage', {
    what: 'the request has no signature',
    remedy: 'signature: NAME in its file, or --sign NAME, says which of signatures/ is used',
  });

/** Of a signed request, how its signature comes about. @throws Problem usage: it is not signed */
function signaturePreview({ wire, signed }: Preview, about: string, terminal: Terminal, eyes: Eyes): string {
  if (!signed) throw notSigned();
  const { out } = terminal;
  return [
    `${out.cyan(wire.method)} ${out.bold(printableLine(eyes.url(wire)))}   ${out.dim(about)}`,
    `${out.dim('signature')} ${out.bold(signed.name)}`,
    '',
    signatureText(signed.steps, eyes.step, terminal),
  ].join('\n');
}

function previewDocument(
  { request, wire, notOpen, doubts, signed }: Preview,
  eyes: Eyes,
  compared: Against | undefined,
): Documents['preview'] {
  return {
    method: wire.method,
    url: eyes.url(wire),
    query: queryOf(eyes.url(wire)),
    headers: wire.headers.map((line) => ({ name: line.name, value: eyes.header(line), origin: line.origin })),
    body: wire.body ? { type: wire.body.type, size: bodySize(wire.body), text: eyes.body(wire.body) } : null,
    names: [...request.names].map(([name, named]) => ({
      name,
      value: plain(eyes.named(name, named) ?? hidden),
      origin: named.origin,
    })),
    doubts: [...doubts],
    opens: [...notOpen],
    signature: signed
      ? {
          name: signed.name,
          steps: signed.steps.map((step) => ({
            name: step.name,
            part: step.part,
            secret: step.secret,
            value: eyes.step(step) ?? null,
          })),
        }
      : null,
    ...(compared && { against: againstDocument(compared, eyes.text) }),
  };
}

function againstDocument(
  { name, same, difference }: Against,
  hide: (text: string) => string,
): NonNullable<Documents['preview']['against']> {
  const seen = (text: string | undefined): string | null => (text === undefined ? null : hide(text));
  return {
    name,
    same,
    difference: difference
      ? {
          line: difference.line,
          column: difference.column,
          ours: seen(difference.ours),
          theirs: seen(difference.theirs),
          cause: seen(difference.cause),
        }
      : null,
  };
}

/** Decoded, in the order in which they are sent. */
function queryOf(url: string): { name: string; value: string }[] {
  return [...new URL(url).searchParams].map(([name, value]) => ({ name, value }));
}

function previewText({ request, wire, signed }: Preview, about: string, terminal: Terminal, eyes: Eyes): string {
  const { out } = terminal;
  const title = (text: string): string => out.bold(text);
  const query = queryOf(eyes.url(wire));
  const blocks = [
    `${out.cyan(wire.method)} ${out.bold(printableLine(eyes.url(wire)))}   ${out.dim(about)}`,
    query.length > 0 &&
      `${title('query')}\n${table(
        query.map(({ name, value }) => [out.cyan(printableLine(name)), printableLine(eyes.text(value))]),
        terminal,
        { indent: 2 },
      )}`,
    `${title('headers')}\n${table(
      wire.headers.map((line) => [out.cyan(line.name), printableLine(eyes.header(line)), out.dim(line.origin)]),
      terminal,
      { indent: 2, flexible: [1] },
    )}`,
    signed && `${title('signature')}  ${signed.name}   ${out.dim('--signature shows how it is made')}`,
    wire.body &&
      `${title('body')}  ${wire.body.type}, ${sizeText(bodySize(wire.body))}\n${bodyShown(wire.body.type, eyes.body(wire.body), terminal)}`,
    request.names.size > 0 &&
      `${title('values')}\n${table(
        [...request.names].map(([name, named]) => {
          const value = eyes.named(name, named);
          const text = value === undefined ? hidden : printableLine(eyes.text(shortText(value)));
          return [out.cyan(name), text, out.dim(named.origin)];
        }),
        terminal,
        { indent: 2, flexible: [1, 2] },
      )}`,
  ];
  return blocks.filter((block) => typeof block === 'string').join('\n\n');
}

/** As it would leave, byte for byte. */
function bodyShown(type: string, shown: string, { out }: Terminal): string {
  const text = printable(shown);
  return `  ${type === 'application/json' ? colouredJsonText(text, out) : text.replaceAll('\n', '\n  ')}`;
}
