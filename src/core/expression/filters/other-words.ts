/** What people call our filters: for the hint where a name is not known, never as a second name. */
const words: Readonly<Record<string, readonly string[]>> = {
  upper: ['uppercase', 'to-upper', 'capitals'],
  lower: ['lowercase', 'to-lower'],
  trim: ['strip'],
  slice: ['substring', 'cut', 'truncate'],
  pad: ['pad-start', 'zero-fill'],
  percent: ['url-encode', 'urlencode', 'uri-encode', 'encode-uri', 'escape'],
  'from-percent': ['url-decode', 'urldecode', 'unescape'],
  text: ['string', 'str', 'to-string'],
  json: ['to-json', 'stringify', 'serialize'],
  count: ['length', 'len', 'size'],
  sorted: ['sort', 'order', 'order-by', 'sort-by'],
  pluck: ['map', 'collect', 'field'],
  without: ['omit', 'remove', 'reject', 'delete'],
  merge: ['append', 'concat', 'push', 'extend', 'assign'],
  each: ['map-each', 'for-each', 'apply'],
  number: ['int', 'integer', 'float', 'to-number', 'parse-int', 'decimal'],
  sum: ['total'],
  average: ['avg', 'mean'],
  min: ['minimum', 'least', 'smallest'],
  max: ['maximum', 'most', 'largest'],
  rfc3339: ['iso', 'iso8601', 'iso-8601', 'to-iso'],
  unix: ['epoch', 'timestamp', 'unix-seconds'],
  format: ['date', 'strftime', 'date-format', 'format-date'],
  plus: ['minus', 'add', 'subtract', 'shift'],
  'in-zone': ['timezone', 'tz', 'to-zone'],
  base64: ['b64', 'base64-encode'],
  'from-base64': ['base64-decode'],
  hex: ['hexadecimal', 'to-hex', 'hexdigest'],
  'hmac-sha-256': ['hmac', 'hmac256', 'hs256'],
};

/** Each word, and the filter that is meant by it. */
export const otherWords: ReadonlyMap<string, string> = new Map(
  Object.entries(words).flatMap(([name, others]) => others.map((other) => [other, name] as const)),
);

/** The filter that somebody who writes this means. */
export const filterMeant = (word: string): string | undefined =>
  otherWords.get(word.toLowerCase().replaceAll('_', '-'));
