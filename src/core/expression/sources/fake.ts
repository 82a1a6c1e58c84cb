/** `fake("person.fullName")`: made-up data by a well-known library, loaded only where it is used. */
import { nearestHint } from '../../problem/nearest.js';
import { Problem } from '../../problem/problem.js';
import { ownMember } from '../../value/own-member.js';
import type { Value } from '../../value/written.js';
import type { Source } from './source.js';

type Faker = typeof import('@faker-js/faker/locale/en').faker;
let faker: Faker | undefined;

export const fake: Source = {
  name: 'fake',
  bare: false,
  about: 'made-up data by kind, such as person.fullName, location.city, commerce.productName',
  example: '${fake("person.fullName")}',
  async load() {
    faker ??= (await import('@faker-js/faker/locale/en')).faker;
  },
  value([kind], { world }) {
    const library = faker as Faker;
    const [group = '', item = ''] = String(kind ?? '').split('.');
    const groups = library as unknown as Record<string, Record<string, unknown>>;
    const holder = ownMember(groups, group);
    const make = holder && methods(holder).includes(item) ? (Reflect.get(holder, item) as unknown) : undefined;
    if (typeof make !== 'function') {
      const known = Object.entries(groups).flatMap(([name, value]) =>
        typeof value === 'object' && value !== null ? methods(value).map((method) => `${name}.${method}`) : [],
      );
      throw new Problem('expression-value', {
        what: `there is no made-up data of the kind ${kind ?? '(none)'}`,
        remedy: nearestHint(String(kind ?? ''), known),
      });
    }
    library.seed(Math.floor(world.random() * 2 ** 31));
    const made: unknown = make.call(holder);
    return made instanceof Date ? made.toISOString() : (made as Value);
  },
};

function methods(holder: object): string[] {
  if (typeof holder !== 'object') return [];
  const own = Object.getOwnPropertyNames(Object.getPrototypeOf(holder) as object);
  return own.filter((name) => name !== 'constructor' && !name.startsWith('_'));
}
