/** What words of a question mean to somebody who looks for an operation, and other words for the same. */
import { stemmer } from 'stemmer';

const stems = new Map<string, string>();

/** What a word has in common with its plural and its past (Porter's algorithm). */
export function stem(word: string): string {
  let found = stems.get(word);
  if (found === undefined) {
    // It knows English alone, and would change the case of bytes that are no letters.
    found = /[^a-z]/.test(word) ? word : stemmer(word);
    stems.set(word, found);
  }
  return found;
}

/** What a question is after, by its verb. Each fits some methods of HTTP better than others (RFC 9110, section 9). */
export type Intent = 'create' | 'list' | 'read' | 'update' | 'replace' | 'delete' | 'upload' | 'download' | 'search';

const intentWords: Readonly<Record<Intent, string>> = {
  create: 'create add new make insert register append',
  list: 'list all browse enumerate index lists',
  read: 'get show read fetch retrieve view describe display see inspect',
  update: 'update change edit modify patch set adjust alter rename save',
  replace: 'replace put overwrite',
  delete: 'delete remove destroy drop erase del rm',
  upload: 'upload',
  download: 'download',
  search: 'search find query filter lookup',
};

/** Of words that mean much the same, each finds the others. */
const alike = [
  'cancel abort stop terminate end quit',
  'pause suspend hold',
  'resume continue reactivate unpause',
  'enable activate',
  'disable deactivate',
  'send deliver submit dispatch',
  'login signin authenticate',
  'logout signout',
  'approve accept confirm',
  'reject decline deny refuse',
  'grant assign give',
  'revoke withdraw',
  'copy duplicate clone',
  'renew refresh extend keepalive',
  'move transfer',
  'start run launch trigger execute dispatch',
  'verify validate check',
  'restore revert rollback undo',
  'restart reboot',
  'close shut',
  'me own self current',
  'email mail',
  'webhook hook',
  'folder directory dir',
  'configuration config setting preference',
  'environment env',
  'repository repo',
  'picture photo image',
  'people person user',
  'variable var',
  'organisation organization org',
  'certificate cert',
  'transaction tx txn',
  'information info detail',
  'document doc',
  'application app',
  'statistic stat',
  'parameter param',
  'identifier id',
  'administrator admin',
  'attachment file',
  'password passwd pw',
  'catalogue catalog',
  'message msg',
].map((line) => line.split(' '));

const others = new Map<string, readonly string[]>();
for (const words of alike)
  for (const word of words)
    others.set(stem(word), [...(others.get(stem(word)) ?? []), ...words.filter((one) => one !== word)]);

const intents = new Map<string, Intent>();
for (const [intent, words] of Object.entries(intentWords))
  for (const word of words.split(' ')) intents.set(stem(word), intent as Intent);

/** The intent that a word stands for, as an operation's name, its summary or a question begins with. */
export const intentOf = (word: string): Intent | undefined => intents.get(stem(word));

export const wordsFor = (intent: Intent): readonly string[] => intentWords[intent].split(' ');

/** Other words for the same thing or deed. */
export const synonymsOf = (word: string): readonly string[] => others.get(stem(word)) ?? [];

/** A deed that is none of HTTP's own, such as cancelling. */
export const isDeed = (word: string): boolean => deeds.has(stem(word));

const deeds = new Set(
  [
    ...alike
      .slice(
        0,
        alike.findIndex(([first]) => first === 'me'),
      )
      .flat(),
    ...'import export invite archive publish release schedule merge lock unlock mark move sort reset book pay refund'.split(
      ' ',
    ),
  ].map(stem),
);

/** Two words where operations have one, and the other way round. */
export const pairs: ReadonlyMap<string, string> = new Map([
  ['log in', 'login'],
  ['sign in', 'signin'],
  ['log out', 'logout'],
  ['sign out', 'signout'],
  ['log off', 'logout'],
  ['turn on', 'enable'],
  ['switch on', 'enable'],
  ['turn off', 'disable'],
  ['switch off', 'disable'],
  ['roll back', 'rollback'],
  ['take back', 'revoke'],
  ['sign up', 'register'],
  ['set up', 'create'],
  ['look up', 'search'],
  ['call off', 'cancel'],
]);

export const articles = new Set([
  'a',
  'an',
  'the',
  'my',
  'our',
  'your',
  'its',
  'their',
  'all',
  'some',
  'one',
  'this',
  'that',
]);
export const prepositions = new Set([
  'of',
  'to',
  'in',
  'into',
  'on',
  'onto',
  'for',
  'from',
  'by',
  'at',
  'with',
  'within',
  'under',
]);

const fillers = new Set(
  'is are be and or as which what how do does can i we single specific certain existing particular given any every each there here new much many please need want'.split(
    ' ',
  ),
);
/** A word that says nothing of what is looked for. */
export const isFiller = (word: string): boolean => articles.has(word) || prepositions.has(word) || fillers.has(word);
