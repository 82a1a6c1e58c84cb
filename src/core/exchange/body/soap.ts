/** `soap`: an envelope, with the content type and the action where its version wants them (SOAP 1.1 section 6, SOAP 1.2 part 2 section 7). */
import type { Evaluation } from '../../expression/evaluation.js';
import type { Value } from '../../value/written.js';
import type { WireBody } from '../wire.js';
import type { BodyKind, BodySetting } from './body-kind.js';
import { compileTemplateFile } from './template.js';
import { compileXml, type XmlText } from './xml.js';

export const soap: BodyKind = {
  name: 'soap',
  about: 'a SOAP envelope; the action and the content type follow from the version',
  compile(spec, setting) {
    const { envelope, version = '1.1', action } = spec as { envelope: Value; version?: '1.1' | '1.2'; action?: string };
    const text = envelopeOf(envelope, setting);
    // The quotes belong to the value of the header.
    const quoted = `"${(action ?? '').replace(/^"|"$/g, '')}"`;
    if (version === '1.2') {
      const parameter = action === undefined ? '' : `; action=${quoted}`;
      return (evaluation) => ({ ...text(evaluation), type: `application/soap+xml; charset=utf-8${parameter}` });
    }
    const headers = [{ name: 'SOAPAction', value: quoted }];
    return (evaluation) => ({ ...text(evaluation), type: 'text/xml; charset=utf-8', headers });
  },
};

/** In the request file itself, or the path of a file such as `bodies/declare.xml`. */
function envelopeOf(envelope: Value, setting: BodySetting): (evaluation: Evaluation) => XmlText {
  const { where } = setting;
  const own = { ...setting, where: () => where(['envelope']) };
  if (typeof envelope !== 'string' || !/^[^\s<>$]+\.xml$/.test(envelope.trim())) return compileXml(envelope, own);
  const file = compileTemplateFile(envelope.trim(), own);
  return (evaluation) => file(evaluation) as WireBody;
}
