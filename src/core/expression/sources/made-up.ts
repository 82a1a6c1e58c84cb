/** `made-up("full name")`: made-up data in plain words, by a well-known library that is loaded only where it is used. */
import { nearestHint } from '../../problem/nearest.js';
import { Problem } from '../../problem/problem.js';
import { ownMember } from '../../value/own-member.js';
import type { Value } from '../../value/written.js';
import type { Source } from './source.js';

type Library = typeof import('@faker-js/faker/locale/en').faker;
let library: Library | undefined;

/** Hosts and mail go to names that nobody can own (RFC 2606, section 2). */
const kinds: Readonly<Record<string, (made: Library) => Value | Date>> = {
  'full name': (made) => made.person.fullName(),
  'first name': (made) => made.person.firstName(),
  'last name': (made) => made.person.lastName(),
  'job title': (made) => made.person.jobTitle(),
  email: (made) => made.internet.email({ provider: 'mail.example' }),
  'user name': (made) => made.internet.username(),
  password: (made) => made.internet.password({ length: 20 }),
  'phone number': (made) => made.phone.number({ style: 'international' }),
  street: (made) => made.location.streetAddress(),
  city: (made) => made.location.city(),
  'post code': (made) => made.location.zipCode(),
  state: (made) => made.location.state(),
  country: (made) => made.location.country(),
  'country code': (made) => made.location.countryCode(),
  latitude: (made) => made.location.latitude(),
  longitude: (made) => made.location.longitude(),
  'time zone': (made) => made.location.timeZone(),
  company: (made) => made.company.name(),
  product: (made) => made.commerce.productName(),
  'product description': (made) => made.commerce.productDescription(),
  price: (made) => made.commerce.price(),
  isbn: (made) => made.commerce.isbn(),
  iban: (made) => made.finance.iban(),
  bic: (made) => made.finance.bic(),
  'account number': (made) => made.finance.accountNumber(),
  'card number': (made) => made.finance.creditCardNumber().replace(/\D/g, ''),
  'currency code': (made) => made.finance.currencyCode(),
  amount: (made) => made.finance.amount(),
  host: (made) => `${made.internet.domainWord()}.example`,
  url: (made) => `https://${made.internet.domainWord()}.example/`,
  ipv4: (made) => made.internet.ipv4(),
  ipv6: (made) => made.internet.ipv6(),
  'mac address': (made) => made.internet.mac(),
  'past date': (made) => made.date.past(),
  'future date': (made) => made.date.future(),
  birthday: (made) => made.date.birthdate(),
  word: (made) => made.lorem.word(),
  sentence: (made) => made.lorem.sentence(),
  paragraph: (made) => made.lorem.paragraph(),
  colour: (made) => made.color.human(),
  'file name': (made) => made.system.fileName(),
  'media type': (made) => made.system.mimeType(),
};

export const madeUp: Source = {
  name: 'made-up',
  bare: false,
  about: 'made-up data of a kind (a seed makes it repeat)',
  example: '${made-up("full name")}',
  choices: Object.keys(kinds),
  async load() {
    library ??= (await import('@faker-js/faker/locale/en')).faker;
  },
  value([given], { runtime }) {
    const kind = String(given ?? '');
    const make = ownMember(kinds, kind);
    if (!make) {
      throw new Problem('expression-value', {
        what: given === undefined ? 'made-up needs the kind of value to make up' : `there is no made-up ${kind}`,
        remedy: given === undefined ? `one of ${Object.keys(kinds).join(', ')}` : nearestHint(kind, Object.keys(kinds)),
      });
    }
    const made = library as Library;
    made.seed(Math.floor(runtime.random() * 2 ** 31));
    // Dates in the past and to come are counted from the moment of sending, so that they repeat with it.
    made.setDefaultRefDate(runtime.now);
    const value = make(made);
    return value instanceof Date ? value.toISOString() : value;
  },
};
