/** Template files for `render` and `render-each`, each read and parsed once. */
import { readFileSync } from 'node:fs';
import type { World } from '../expression/world.js';
import { Problem } from '../problem/problem.js';
import { pathInside } from '../storage/inside.js';
import type { BodyPlan } from './body/body-kind.js';
import { compileTemplateText } from './body/template.js';

/** A template that renders another, and so on; deeper it renders itself. */
const deepest = 20;

/** @param root the collection folder */
export function templateRenderer(root: string): World['render'] {
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
      if (body?.secret) evaluation.touchedSecret = true;
      return body ? Buffer.from(body.bytes).toString('utf8') : '';
    } finally {
      depth -= 1;
    }
  };
}
