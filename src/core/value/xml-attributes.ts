/** Text and attributes of XML 1.0 in reports, whatever a vendor sent. */

/** What no document may hold (XML 1.0, section 2.2): most control characters, halves of pairs, and two more. */
const forbidden = /[^\P{Cc}\t\n\r\u0080-\u009f]|[\ufffe\uffff]|\p{Cs}/gu;

export const xmlText = (text: string): string =>
  text.replace(forbidden, '\ufffd').replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;');

export const attributes = (facts: Readonly<Record<string, string | number>>): string =>
  Object.entries(facts)
    .map(([name, value]) => ` ${name}="${attributeText(String(value))}"`)
    .join('');

const attributeText = (text: string): string =>
  xmlText(text)
    .replaceAll('"', '&quot;')
    .replace(/[\t\n\r]/g, (sign) => `&#${sign.charCodeAt(0)};`);
