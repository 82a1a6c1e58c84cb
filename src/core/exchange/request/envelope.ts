/** Blocks in the header of a SOAP envelope (SOAP 1.1, section 4.2; SOAP 1.2 part 1, section 5.2), written into a finished body. */
import { Problem } from '../../problem/problem.js';
import type { WireBody } from './wire.js';

export interface EnvelopeBlock {
  /** Local name and namespace of its element: one that the envelope has already stays alone. */
  readonly name: string;
  readonly namespace: string;
  /** Attributes of its own, with the declarations of its prefixes. */
  readonly attributes: string;
  /** What is in it. */
  readonly content: string;
  /** The same with secrets hidden. */
  readonly shown: string;
  readonly prefix: string;
  /** Who adds it. */
  readonly origin: string;
}

const quoted = `(?:[^<>"']|"[^"]*"|'[^']*')*`;
const between = '(?:\\s|<!--[\\s\\S]*?-->|<\\?[\\s\\S]*?\\?>)*';
const opening = new RegExp(`^\\uFEFF?${between}(<(?:([\\w.-]+):)?Envelope\\b${quoted}(?<!/)>)`);
const header = (prefix: string): RegExp => new RegExp(`^${between}<${prefix}Header\\b${quoted}>`);
const soap12 = 'http://www.w3.org/2003/05/soap-envelope';

/** @throws Problem body-shape: the body is no envelope */
export function withBlocks(body: WireBody | undefined, blocks: readonly EnvelopeBlock[]): WireBody | undefined {
  const [first] = blocks;
  if (!first) return body;
  const text = body && !body.streamed ? Buffer.from(body.bytes).toString('utf8') : '';
  if (!body || !opening.test(text)) {
    throw new Problem('body-shape', {
      what: `${first.origin} writes into a SOAP envelope, and ${body ? 'the request body is not one' : 'the request has no body'}`,
      remedy: 'body: {soap: {envelope: …}} makes one; session: none leaves the session out',
    });
  }
  let [written, shown] = [text, body.shown];
  for (const block of blocks) {
    written = withBlock(written, block, block.content);
    shown = withBlock(shown, block, block.shown);
  }
  return { ...body, bytes: Buffer.from(written, 'utf8'), shown, secret: true };
}

function withBlock(text: string, block: EnvelopeBlock, content: string): string {
  const [whole = '', envelope = '', name] = opening.exec(text) ?? [];
  const prefix = name === undefined ? '' : `${name}:`;
  const rest = text.slice(whole.length);
  const found = header(prefix).exec(rest)?.[0];
  const end = found === undefined || found.endsWith('/>') ? 0 : rest.indexOf(`</${prefix}Header`);
  const inside = found === undefined ? '' : rest.slice(found.length, end);
  // One of the request's own wins, as it does with header lines.
  if (inside.includes(block.namespace) && new RegExp(`<(?:[\\w.-]+:)?${block.name}\\b`).test(inside)) return text;
  // An attribute of SOAP needs a prefix, which a default namespace has not.
  const understood = prefix === '' ? '' : ` ${prefix}mustUnderstand="${envelope.includes(soap12) ? 'true' : '1'}"`;
  const tag = `${block.prefix}:${block.name}`;
  const made = `<${tag}${block.attributes}${understood}>${content}</${tag}>`;
  if (found === undefined) return `${whole}<${prefix}Header>${made}</${prefix}Header>${rest}`;
  const own = found.endsWith('/>') ? `${found.slice(0, -2)}>${made}</${prefix}Header>` : `${found}${made}`;
  return whole + own + rest.slice(found.length);
}
