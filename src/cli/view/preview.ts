/** A request as it would leave, for people and for programs. */
import type { WaysOut } from '../../core/exchange/hosts/ways-out.js';
import { bodySize, hidden, type WireBody } from '../../core/exchange/request/wire.js';
import { shortText } from '../../core/matcher/reading.js';
import type { Preview } from '../../core/sending/sending.js';
import type { Against } from '../../core/signature/against/compare.js';
import { sizeText } from '../../core/value/measures.js';
import { plain } from '../../core/value/written.js';
import type { Documents } from '../documents/documents.js';
import { notSigned } from '../options/signing.js';
import type { Terminal } from '../terminal/terminal.js';
import type { Eyes } from './eyes.js';
import { colouredJsonText } from './json.js';
import { printable, printableLine } from './printable.js';
import { told } from './response/send-document.js';
import { signatureText } from './signature.js';
import { table } from './table.js';

/** Of a signed request, how its signature comes about. @throws Problem usage: it is not signed */
export function signaturePreview({ wire, signed }: Preview, about: string, terminal: Terminal, eyes: Eyes): string {
  if (!signed) throw notSigned();
  const { out } = terminal;
  return [
    `${out.cyan(wire.method)} ${out.bold(printableLine(eyes.url(wire)))}   ${out.dim(about)}`,
    `${out.dim('signature')} ${out.bold(signed.name)}`,
    '',
    signatureText(signed.steps, eyes.step, terminal),
  ].join('\n');
}

export function previewDocument(
  { request, wire, notOpen, warnings, undocumented, signed }: Preview,
  ways: WaysOut,
  eyes: Eyes,
  compared: Against | undefined,
): Documents['preview'] {
  return {
    ways: waysDocument(ways),
    method: wire.method,
    url: eyes.url(wire),
    query: queryOf(eyes.url(wire)),
    headers: wire.headers.map((line) => ({ name: line.name, value: eyes.header(line), origin: line.origin })),
    body: wire.body ? { type: wire.body.type, size: bodySize(wire.body) ?? null, text: eyes.body(wire.body) } : null,
    names: [...request.names].map(([name, named]) => ({
      name,
      value: plain(eyes.named(name, named) ?? hidden),
      origin: named.origin,
    })),
    warnings: warnings.map(eyes.text),
    undocumented: told(undocumented),
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

export const waysDocument = ({ origins, proxies, roots }: WaysOut): Documents['preview']['ways'] => ({
  origins: [...origins],
  proxies: [...proxies],
  roots: [...roots],
});

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
          further: difference.further.map(({ line, cause }) => ({ line, cause: seen(cause) })),
        }
      : null,
  };
}

/** Decoded, in the order in which they are sent. */
function queryOf(url: string): { name: string; value: string }[] {
  return [...new URL(url).searchParams].map(([name, value]) => ({ name, value }));
}

/** @param about where it would go, behind the address */
export function previewText({ request, wire, signed }: Preview, about: string, terminal: Terminal, eyes: Eyes): string {
  const { out } = terminal;
  const title = (text: string): string => out.bold(text);
  const query = queryOf(eyes.url(wire));
  const blocks = [
    `${out.cyan(wire.method)} ${out.bold(printableLine(eyes.url(wire)))}   ${out.dim(about)}`,
    query.length > 0 &&
      `${title('query')}\n${table(
        query.map(({ name, value }) => [
          out.cyan(printableLine(name)),
          value === '' ? out.dim('(empty)') : printableLine(eyes.text(value)),
        ]),
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
      `${title('body')}  ${wire.body.type}, ${bodySizeText(wire.body)}\n${bodyShown(wire.body.type, eyes.body(wire.body), terminal)}`,
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

function bodySizeText(body: WireBody): string {
  const size = bodySize(body);
  return size === undefined ? 'of unknown length, in chunks' : sizeText(size);
}
