/** Values that are credentials by the name of their field: `password`, `access_token`, `apiKey`. */

/** Page tokens and their like are no credentials, and where a token is had is no secret. */
const notThese = /next|page|continuation|cursor|sync|count|type|expires|limit|endpoint|ur[il]$|method/i;
const theseNames =
  /pass(?:word|phrase|wd|code)|secret|token|(?:api|access|private)[-_ ]?key|credential|assertion|authorization$|(?:device|verification)[-_ ]?code|code[-_ ]?verifier/i;

export const isSecretName = (name: string): boolean => theseNames.test(name) && !notThese.test(name);

/** Headers that carry credentials beside those whose names say so. */
const credentialHeaders =
  /^(?:(?:proxy-)?authorization|(?:set-)?cookie|x-key|x-auth|x-session(?:-id)?|(?:.*-)?(?:access|account|api|app|auth|client|master|subscription)-?key)$/i;

/** By its name, a header that carries a credential. */
export const isCredentialHeader = (name: string): boolean => credentialHeaders.test(name) || isSecretName(name);

/** A member of JSON text whose value is a text, or a field of a form. */
const jsonMember = /"((?:[^"\\]|\\.){1,60})"(\s*:\s*)"((?:[^"\\]|\\.)+)"/g;
const formField = /(^|[&?])([^=&?\s"]{1,60})=([^&\s"]+)/g;

/** The text that was looked at last: a body and an address are asked about several times in a row. Long ones are deleted. */
let lastText = '';
let lastNames = false;
const remembered = 5000;

function holdsNames(text: string): boolean {
  if (text.length > remembered) return theseNames.test(text);
  if (text !== lastText) {
    lastText = text;
    lastNames = theseNames.test(text);
  }
  return lastNames;
}

/** The text with such values replaced. */
export function withoutSecretFields(text: string, replacement: string): string {
  if (!holdsNames(text)) return text;
  return text
    .replace(jsonMember, (whole, name: string, colon: string) =>
      isSecretName(name) ? `"${name}"${colon}"${replacement}"` : whole,
    )
    .replace(formField, (whole, before: string, name: string) =>
      isSecretName(name) ? `${before}${name}=${replacement}` : whole,
    );
}

/** Such values in a text, as they stand there. */
export function secretFieldValues(text: string): string[] {
  if (!holdsNames(text)) return [];
  const inJson = [...text.matchAll(jsonMember)]
    .filter(([, name]) => isSecretName(name ?? ''))
    .map(([, , , value]) => value as string);
  const inForm = [...text.matchAll(formField)]
    .filter(([, , name]) => isSecretName(name ?? ''))
    .map(([, , , value]) => value as string);
  return [...inJson, ...inForm];
}
