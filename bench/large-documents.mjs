/** Documents as large as vendors publish them, made of made-up parts, the same every time. */

const syllables = [
  'ar',
  'bel',
  'cor',
  'dun',
  'el',
  'fen',
  'gar',
  'hol',
  'il',
  'jor',
  'kel',
  'lor',
  'mar',
  'nor',
  'os',
  'pel',
];

/** One of 4,096 made-up words. */
const word = (number) => syllables[number & 15] + syllables[(number >> 4) & 15] + syllables[(number >> 8) & 15];
/** Spread over the words, and the same every time. */
const sentence = (number, length) =>
  Array.from({ length }, (_, index) => word((number * 7919 + index * 104_729) >> 3)).join(' ');

/**
 * OpenAPI with so many operations; `weight` is the number of words in each description, which sets the size.
 * @returns {object}
 */
export function largeOpenApi(operations, weight) {
  const schemas = {};
  const kinds = Math.max(20, Math.floor(operations / 10));
  for (let kind = 0; kind < kinds; kind += 1) {
    const properties = {};
    for (let field = 0; field < 12; field += 1) {
      properties[`${word(kind + field)}${field}`] = {
        type: field % 3 === 0 ? 'integer' : 'string',
        description: sentence(kind + field, Math.ceil(weight / 8)),
        ...(field % 4 === 0 && { readOnly: true }),
      };
    }
    properties.next = { $ref: `#/components/schemas/Kind${(kind + 1) % kinds}` };
    schemas[`Kind${kind}`] = { type: 'object', required: Object.keys(properties).slice(0, 3), properties };
  }
  const paths = {};
  for (let number = 0; number < operations; number += 1) {
    const kind = { $ref: `#/components/schemas/Kind${number % kinds}` };
    paths[`/v1/${word(number)}s/${number}/{id}`] = {
      [number % 2 === 0 ? 'get' : 'post']: {
        operationId: `${word(number)}Call${number}`,
        tags: [word(number)],
        summary: `${word(number)} ${number} of the ${word(number + 3)}`,
        description: sentence(number, weight),
        parameters: [
          { name: 'id', in: 'path', required: true, schema: { type: 'string' }, description: sentence(number, 6) },
          {
            name: 'limit',
            in: 'query',
            schema: { type: 'integer', minimum: 1, maximum: 100 },
            description: sentence(number, 6),
          },
        ],
        ...(number % 2 === 1 && { requestBody: { content: { 'application/json': { schema: kind } } } }),
        responses: {
          200: { description: sentence(number, 8), content: { 'application/json': { schema: kind } } },
          404: { description: 'There is none' },
        },
      },
    };
  }
  return { openapi: '3.0.3', info: { title: 'A large harbour', version: '1' }, paths, components: { schemas } };
}

/** A GraphQL schema of about so many characters. */
export function largeSdl(characters) {
  const types = [];
  const fields = [];
  let size = 0;
  for (let number = 0; size < characters; number += 1) {
    const members = Array.from(
      { length: 10 },
      (_, field) =>
        `  "${sentence(number + field, 8)}"\n  ${word(number + field)}${field}: ${field === 9 ? `Kind${number > 0 ? number - 1 : 0}` : 'String'}\n`,
    ).join('');
    const text = `"${sentence(number, 10)}"\ntype Kind${number} {\n  id: ID!\n${members}}\n`;
    fields.push(`  "${sentence(number, 8)}"\n  ${word(number)}Of${number}(id: ID!, first: Int = 10): Kind${number}\n`);
    types.push(text);
    size += text.length + fields[number].length;
  }
  return `type Query {\n${fields.join('')}}\n${types.join('')}`;
}
