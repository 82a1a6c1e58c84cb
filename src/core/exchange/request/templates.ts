/** Template files for `render` and `render-each`, each read and parsed once. */
import { readFileSync } from 'node:fs';
import type { Piece, Runtime } from '../../expression/evaluation.js';
import { Problem } from '../../problem/problem.js';
import { pathInside } from '../../storage/inside.js';
import type { BodyPlan } from '../body/body-kind.js';
import { compileTemplateText } from '../body/template.js';
import { hidden } from './wire.js';

/** A template that renders another, and so on; deeper it renders itself. */
const deepest = 20;

/** @param root the collection folder */
export function templateRenderer(root: string): Runtime['render'] {
  const plans = new Map<string, BodyPlan>();
  let depth = 0;
  return (path, evaluation) => {
    let plan = plans.get(path);
    if (!plan) {
      // What its filters need is loaded already: `render` asks for all of it.
      plan = compileTemplateText(readFileSync(pathInside(root, path), 'utf8').replace(/^\uFEFF/, ''), path, []);
      plans.set(path, plan);
    }
    if (depth >= deepest)
      throw new Problem('expression-value', { what: `the template ${path} renders itself`, where: { file: path } });
    depth += 1;
    try {
      const body = plan(evaluation);
      const text = body ? Buffer.from(body.bytes).toString('utf8') : '';
      if (body?.secret) {
        evaluation.touchedSecret = true;
        if (evaluation.pieces) evaluation.pieces = piecesOf(text, body.shown);
      }
      return text;
    } finally {
      depth -= 1;
    }
  };
}

/** What is hidden in the text as it is shown is secret in the text as it is sent. */
function piecesOf(text: string, shown: string): Piece[] {
  const plain = shown.split(hidden);
  const pieces: Piece[] = [];
  let at = 0;
  for (const [index, part] of plain.entries()) {
    const start = index === 0 ? 0 : index === plain.length - 1 ? text.length - part.length : text.indexOf(part, at);
    // What cannot be told apart is hidden with the secret beside it.
    if (start < at) return [{ text, secret: true }];
    if (start > at) pieces.push({ text: text.slice(at, start), secret: true });
    pieces.push({ text: part, secret: false });
    at = start + part.length;
  }
  return pieces;
}
