/**
 * What somebody can do about a problem, in words: the core says which action, and of what; whoever uses it says how that is done.
 * An interface brings its own words once, when it starts; without, they are plain ones.
 */

/** Each gives a phrase, to stand by itself or in a sentence. */
export interface ActionWords {
  showOperation(operation: string): string;
  showType(type: string): string;
  sendAllTheSame(): string;
  previewSignature(request: string): string;
  setSecret(names: readonly string[]): string;
  setSecretFromFile(): string;
  nameSession(): string;
  allowChanges(): string;
  showEcho(echo?: string): string;
  listEchoes(): string;
  listFailedEchoes(): string;
  send(request?: string): string;
  makeCollection(): string;
  makeCollectionElsewhere(): string;
  addSource(): string;
  addOrReplaceSource(): string;
  listSources(): string;
  findOperations(): string;
  askParameters(source: string): string;
  chooseEnvironment(): string;
  giveInput(name: string, form?: string): string;
  giveVariable(name: string): string;
  pick(): string;
  viewRaw(): string;
  saveResponse(): string;
  nameIdentitySecret(): string;
  trustIssuer(): string;
  acceptCertificate(): string;
  openSession(name: string): string;
  allowSecret(name: string, environment: string): string;
  makeIdentity(): string;
  showIdentity(): string;
  addRecipient(): string;
  shareSecret(name: string, environment: string): string;
  shareAllSecrets(): string;
  pruneEchoes(): string;
  fewerAtOnce(): string;
  reportFault(): string;
  nameValue(): string;
  nameMoment(): string;
  run(names?: readonly string[]): string;
  runFailedOf(run: string): string;
  undoRun(run: string): string;
  resumeWithChangedRows(): string;
  acceptBaseline(): string;
  check(): string;
  /** A value that was set for this command alone, by its name. */
  setting(name: string): string;
  /** Where such a value comes from. */
  settings(): string;
}

const plainWords: ActionWords = {
  showOperation: (operation) => `look at the documentation of ${operation}`,
  showType: (type) => `look at the type ${type} in the documentation`,
  sendAllTheSame: () => 'without strictness it is sent with a warning',
  previewSignature: (request) =>
    `a preview of ${request} shows how it is made, and compares it with what the vendor shows`,
  setSecret: (names) => `set ${names.length === 1 ? 'the secret' : 'the secrets'} ${names.join(', ')}`,
  setSecretFromFile: () => 'set the secret from the file with the key',
  nameSession: () => 'name a session',
  allowChanges: () => 'say yes for this command',
  showEcho: (echo) => `look at ${echo === undefined ? 'its echo' : `the echo ${echo}`}`,
  listEchoes: () => 'the list of echoes',
  listFailedEchoes: () => 'the list of failed echoes',
  send: (request) => `sending ${request ?? 'a request'}`,
  makeCollection: () => 'make one',
  makeCollectionElsewhere: () => 'name another folder',
  addSource: () => 'add one',
  addOrReplaceSource: () => 'add it by another name, or in the place of the old one',
  listSources: () => 'the list of sources',
  findOperations: () => 'search for it',
  askParameters: (source) => `ask the API of ${source} again`,
  chooseEnvironment: () => 'choose one',
  giveInput: (name) => `give ${name} a value`,
  giveVariable: (name) => `beside the document of the call, as ${name}`,
  pick: () => 'a picked value',
  viewRaw: () => 'look at it as it came',
  saveResponse: () => 'saving it to a file takes a response of any length',
  nameIdentitySecret: () => 'another secret',
  trustIssuer: () => 'another trusted file',
  acceptCertificate: () => 'accepting the certificate',
  openSession: (name) => `open the session ${name}`,
  allowSecret: (name, environment) => `allow the secret ${name} in the environment ${environment}`,
  makeIdentity: () => 'make an identity',
  showIdentity: () => 'the public key of your identity',
  addRecipient: () => 'add a recipient',
  shareSecret: (name, environment) => `share the secret ${name} in the environment ${environment}`,
  shareAllSecrets: () => 'encrypt all shared secrets again',
  pruneEchoes: () => 'deleting old records helps',
  fewerAtOnce: () => 'walk fewer at a time',
  reportFault: () => 'report it with its stack',
  nameValue: () => 'say which value is meant',
  nameMoment: () => 'say which moment theirs was made at',
  run: (names) => `a run${names === undefined ? '' : ` of ${names.join(', ')}`}`,
  runFailedOf: (run) => `a run of what failed in ${run}`,
  undoRun: (run) => `undoing the run ${run}`,
  resumeWithChangedRows: () => 'resuming with changed rows',
  acceptBaseline: () => 'accepting what is found',
  check: () => 'a check of the collection',
  setting: (name) => `the setting ${name}`,
  settings: () => 'the settings of this command',
};

let words = plainWords;

/** From now on, in these words. */
export function sayActionsAs(own: ActionWords): void {
  words = own;
}

/** The words in force. */
export const action = (): ActionWords => words;
