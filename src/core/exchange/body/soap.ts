/** `soap`: an envelope, with the content type and the action where its version wants them (SOAP 1.1 section 6, SOAP 1.2 part 2 section 7). */
import { type Evaluation, omitted } from '../../expression/evaluation.js';
import { compileTree } from '../../expression/tree.js';
import { textOf } from '../../value/text.js';
import type { Value } from '../../value/written.js';
import { checkHeaderValue } from '../request/header-rules.js';
import type { WireBody } from '../request/wire.js';
import type { BodyKind, BodySetting } from './body-kind.js';
import { compileTemplateFile } from './template.js';
import { compileXml, type XmlText } from './xml.js';

export const soap: BodyKind = {
  name: 'soap',
  about: 'a SOAP envelope; the action and the content type follow from the version',
  compile(spec, setting) {
    const { envelope, version = '1.1', action } = spec as { envelope: Value; version?: '1.1' | '1.2'; action?: string };
    const text = envelopeOf(envelope, setting);
    const where = setting.where(['action']);
    const written = compileTree(action ?? '', () => where, setting.loads);
    // The quotes belong to the value of the header.
    const quoted = (evaluation: Evaluation): string => {
      const value = written.evaluate(evaluation);
      const bare = value === omitted ? '' : textOf(value as Value).replace(/^"|"$/g, '');
      checkHeaderValue('SOAPAction', bare, where);
      return `"${bare}"`;
    };
    if (version === '1.2') {
      return (evaluation) => {
        const parameter = action === undefined ? '' : `; action=${quoted(evaluation)}`;
        return { ...text(evaluation), type: `application/soap+xml; charset=utf-8${parameter}` };
      };
    }
    return (evaluation) => ({
      ...text(evaluation),
      type: 'text/xml; charset=utf-8',
      headers: [{ name: 'SOAPAction', value: quoted(evaluation) }],
    });
  },
};

/** Where an envelope is the path of a file. */
export const envelopeFile = (envelope: string): string | undefined =>
  /^[^\s<>$]+\.xml$/.test(envelope.trim()) ? envelope.trim() : undefined;

/** In the request file itself, or the path of a file such as `bodies/declare.xml`. */
function envelopeOf(envelope: Value, setting: BodySetting): (evaluation: Evaluation) => XmlText {
  const { where } = setting;
  const own = { ...setting, where: () => where(['envelope']) };
  const named = typeof envelope === 'string' ? envelopeFile(envelope) : undefined;
  if (named === undefined) return compileXml(envelope, own);
  const file = compileTemplateFile(named, own);
  return (evaluation) => file(evaluation) as WireBody;
}
