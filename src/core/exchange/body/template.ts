/** `template`: a file in `bodies/` with `${…}` in it. JSON keeps the types of values, XML escapes them, other text takes them as they are. */
import { masked, omitted } from '../../expression/evaluation.js';
import { compileTemplate } from '../../expression/template.js';
import { compileTree, replacedAt, type SecretTrace } from '../../expression/tree.js';
import { Problem } from '../../problem/problem.js';
import { parseJson, writeJson } from '../../value/json-text.js';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import { hidden, type WireBody } from '../request/wire.js';
import type { BodyKind, BodyPlan, BodySetting } from './body-kind.js';
import { mediaTypeOf } from './media-type.js';
import { compileXml } from './xml.js';

export const template: BodyKind = {
  name: 'template',
  about: 'a file in bodies/, with values put in',
  compile: compileTemplateFile,
};

/** @throws Problem body-shape: the name is no plain path, or the file is no JSON */
export function compileTemplateFile(spec: Value, setting: Omit<BodySetting, 'method'>): BodyPlan {
  const { where, read } = setting;
  if (typeof spec !== 'string' || spec.includes('${')) {
    throw new Problem('body-shape', {
      what: 'a template is the path of a file in the collection, such as bodies/manifest.xml',
      where: where([]),
    });
  }
  let text: string;
  try {
    text = read(spec).replace(/^\uFEFF/, '');
  } catch (error) {
    throw error instanceof Problem ? error.at(where([])) : error;
  }
  return compileTemplateText(text, spec, setting.loads);
}

/** @param file the path from the collection, for messages; its ending tells what the text is */
export function compileTemplateText(text: string, file: string, loads: BodySetting['loads']): BodyPlan {
  const type = mediaTypeOf(file);
  const place = (): { file: string } => ({ file });
  if (/[/+]json$/.test(type)) {
    const tree = compileTree(jsonIn(text, file), place, loads);
    return (evaluation) => {
      const trace: SecretTrace = { path: [], secret: [] };
      const value = tree.evaluate(evaluation, trace);
      if (value === omitted) return undefined;
      const secret = trace.secret.length > 0;
      const text = writeJson(value);
      return body(text, type, secret ? writeJson(replacedAt(value, trace.secret, hidden)) : text, secret);
    };
  }
  if (/[/+]xml$/.test(type)) {
    const xml = compileXml(text, { where: place, loads });
    return (evaluation) => ({ ...xml(evaluation), type: `${type}; charset=utf-8` });
  }
  const plain = compileTemplate(text, place(), loads);
  return (evaluation) => {
    const { result: value, secret, pieces } = evaluation.inPieces(() => plain.evaluate(evaluation));
    if (value === omitted) return undefined;
    const text = textOf(value);
    return body(text, type, secret ? masked(text, pieces, hidden) : text, secret);
  };
}

const body = (text: string, type: string, shown: string, secret: boolean): WireBody => ({
  bytes: Buffer.from(text, 'utf8'),
  type,
  shown,
  secret,
});

function jsonIn(text: string, file: string): Value {
  try {
    return parseJson(text);
  } catch (error) {
    throw new Problem('body-shape', {
      what: `${file} is not JSON`,
      where: { file },
      cause: (error as Error).message,
      remedy: 'an expression stands inside quotes: "${nights}" keeps the type of its value',
    });
  }
}
