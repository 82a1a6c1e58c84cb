/** One recorded exchange: what was sent, what came back, what was expected of it. */
import type { Echo } from '../../core/echo/echo.js';
import { headerValue } from '../../core/place/observed.js';
import { parseJson, writeJson } from '../../core/value/json-text.js';
import { durationText, sizeText } from '../../core/value/measures.js';
import type { Value } from '../../core/value/written.js';
import type { Terminal } from '../terminal/terminal.js';
import { colouredJson } from './json.js';
import { printable, printableLine } from './printable.js';
import { headerLines, hopLine, statusText } from './response/exchange.js';
import { colouredXml } from './xml.js';

const plainly = (text: string): string => text;

export function echoText(
  { id, at, environment, request, step, sent, received, phases, trouble, met, failed, kept, unfinished }: Echo,
  terminal: Terminal,
): string {
  const { out } = terminal;
  const phase = Object.entries(phases ?? {})
    .filter(([name]) => name !== 'total')
    .map(([name, ms]) => `${name} ${durationText(ms ?? 0)}`)
    .join(', ');
  const blocks = [
    `${out.bold(id)}   ${at}   environment ${environment}${request === undefined ? '' : `   request ${request}`}${step === undefined || step === request ? '' : `   step ${step}`}`,
    `${out.bold('sent')}\n  ${out.cyan(sent.method)} ${printableLine(sent.url)}\n${headerLines(sent.headers, terminal, plainly)}${bodyBlock(sent, terminal)}`,
    unfinished &&
      `${out.red(out.bold('in doubt'))}  it was sent, and the program ended before it recorded a response\n  check with the vendor`,
    received?.hops &&
      `${out.bold('redirects')}\n${received.hops.map((hop) => hopLine(hop, out, plainly)).join('\n')}\n${out.dim(`  led to ${printableLine(received.finalUrl ?? '')}`)}`,
    received &&
      `${out.bold('received')}\n  ${statusText(received.status, received.reason, out)}   ${phases ? `${durationText(phases.total ?? 0)} (${phase})` : ''}\n${headerLines(received.headers, terminal, plainly)}${bodyBlock(received, terminal)}`,
    trouble &&
      `${out.red(out.bold('trouble'))}  ${printableLine(trouble.what)}${trouble.cause === undefined ? '' : `\n  ${printableLine(trouble.cause)}`}`,
    failed &&
      `${out.red(out.bold('failed'))}\n${failed.map(({ place, expected, found, detail, near }) => `  ${place}: expected ${expected}, found ${printableLine(found ?? '')}${detail ? `; ${printableLine(detail)}` : ''}${near ? `; nearest: ${near}` : ''}`).join('\n')}`,
    met > 0 && `${out.bold('met')}  ${met} expectation${met === 1 ? '' : 's'}`,
    kept &&
      `${out.bold('kept')}\n${Object.entries(kept)
        .map(([name, value]) => `  ${name} = ${printableLine(writeJson(value as Value))}`)
        .join('\n')}`,
  ];
  return blocks.filter((block) => typeof block === 'string').join('\n\n');
}

function bodyBlock({ body, headers }: Pick<Echo['sent'], 'body' | 'headers'>, { out }: Terminal): string {
  if (!body) return '';
  const cut = body.cut
    ? out.dim(
        `\n  the beginning of ${sizeText(body.size)}${body.file === undefined ? '' : '; --body prints all of it'}`,
      )
    : '';
  if (body.encoding === 'base64') return `\n\n  ${out.dim(`${sizeText(body.size)} of bytes`)}`;
  let text = printable(body.text);
  if (/^\s*[{[]/.test(body.text) && !body.cut) {
    try {
      text = colouredJson(parseJson(body.text), out);
    } catch {
      // Shown as it was recorded.
    }
  } else if (/[/+]xml\b/.test(headerValue(headers, 'content-type') ?? '')) text = colouredXml(text, out);
  return `\n\n${text.replace(/^/gm, '  ')}${cut}`;
}
