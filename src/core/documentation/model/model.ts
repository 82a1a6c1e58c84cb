/** One shape for the operations of every vendor, whatever its documentation is written in. */
import type { Value } from '../../value/written.js';

/** What a value must keep to; the first five are matchers of the same name. */
export interface Limits {
  readonly 'at-least'?: number;
  readonly 'at-most'?: number;
  readonly over?: number;
  readonly under?: number;
  readonly matches?: string;
  readonly 'multiple-of'?: number;
  readonly 'least-length'?: number;
  readonly 'most-length'?: number;
  readonly 'least-items'?: number;
  readonly 'most-items'?: number;
  readonly 'no-item-twice'?: boolean;
}

/** A parameter or a field of a body or response. */
export interface Field {
  readonly name: string;
  /** `string`, `integer`, `array of string`, `object of number` by names of any kind, `string (date-time)`, `string or null`. */
  readonly type: string;
  readonly required: boolean;
  readonly description?: string;
  readonly default?: Value;
  readonly example?: Value;
  /** The only values allowed. */
  readonly allowed?: readonly Value[];
  readonly limits?: Limits;
  /** Set by the server, never sent. */
  readonly readOnly?: boolean;
  readonly writeOnly?: boolean;
  readonly deprecated?: boolean;
  /** Its members may have names that are not documented. */
  readonly open?: boolean;
  /** It is required, and nothing else is said of it. */
  readonly undescribed?: boolean;
  /** Members of an object, or of the items of a list. */
  readonly fields?: readonly Field[];
  /** The name of a schema that holds itself; its fields are listed where it stands first. */
  readonly recursive?: string;
  /** Its fields are left out, as deeper than was asked for: how many there are, and the name of their type. */
  readonly more?: { readonly fields: number; readonly type?: string };
  /** How it is written in XML, where its name and an element are not all there is to it. */
  readonly xml?: XmlWriting;
  /** The shapes that it may have instead of one: of `oneOf`, of `anyOf`, of a union. */
  readonly alternatives?: readonly Alternative[];
  /** How sure the reading of a page is; everything else is described by a machine-readable document. */
  readonly certainty?: Certainty;
  /** Where it stands on the page: `line 40`. */
  readonly at?: string;
}

/** The XML Object of OpenAPI. */
export interface XmlWriting {
  readonly name?: string;
  readonly namespace?: string;
  readonly prefix?: string;
  readonly attribute?: boolean;
  /** Of a list: an element stands around its items. */
  readonly wrapped?: boolean;
  /** Of a list: the name of its items. */
  readonly item?: string;
}

/** `sure`: said in so many words; `likely`: read from a table; `guess`: taken from an example. */
export type Certainty = 'sure' | 'likely' | 'guess';

/** One of several shapes. */
export interface Alternative {
  readonly name: string;
  /** The field and the value that choose it, where the documentation names them. */
  readonly when?: string;
  readonly fields: readonly Field[];
}

/** `argument` of a GraphQL field; `envelope`: a header element of a SOAP envelope. */
export type ParameterLocation = 'path' | 'query' | 'header' | 'cookie' | 'argument' | 'envelope';

export interface Parameter extends Field {
  readonly in: ParameterLocation;
  /** How a list is written in a query. */
  readonly lists?: 'repeated' | 'joined';
  /** Of a filter: what its clauses may name. */
  readonly clauses?: ClauseTerms;
  /** Where its values or clauses come from, if not from the documentation: `asked by vessels/terms, 2026-11-26`. */
  readonly from?: string;
  /** The style by its registered name where it is not the usual one of its place: `deepObject`, `matrix`. */
  readonly style?: string;
  /** The media type that its value is written in, where it is no plain text. */
  readonly media?: string;
  /** It is a variable of the server: the same for all operations, and an environment's to say. */
  readonly ofServer?: true;
}

/** What the clauses of a filter may name; a list is empty where nothing is known. */
export interface ClauseTerms {
  readonly fields: readonly string[];
  readonly operators: readonly string[];
  /** The quotes in which texts have to stand. */
  readonly quotes?: 'single' | 'double';
}

export interface Content {
  /** The media type. */
  readonly type: string;
  readonly fields: readonly Field[];
  /** As documented, else made from the fields. */
  readonly example?: Value;
  /** False where the example was made from the fields. */
  readonly documentedExample: boolean;
  /** The whole as one value, where it is no object: a list of objects, whose fields are those above, a text, anything. */
  readonly whole?: Field;
  /** Its members may have names that are not documented. */
  readonly open?: boolean;
  /** The schema as documented; what it refers to is among the source's definitions. */
  readonly schema?: Value;
  readonly alternatives?: readonly Alternative[];
  /** Of XML: its root element. */
  readonly xml?: XmlWriting;
}

export interface Body extends Content {
  readonly required: boolean;
  /** Other media types that the operation takes. */
  readonly otherTypes: readonly string[];
}

export interface DocumentedResponse {
  /** `201`, `4XX` or `default`. */
  readonly status: string;
  readonly description?: string;
  readonly content?: Content;
  readonly headers: readonly Field[];
}

/** One way to authenticate: all of its schemes together. */
export interface SecurityNeed {
  readonly schemes: readonly {
    readonly name: string;
    readonly about: string;
    readonly description?: string;
    /** The header that takes it. */
    readonly header?: string;
  }[];
}

export type Protocol = 'http' | 'graphql' | 'soap';

/** A field of a GraphQL schema's root types. */
export interface GraphqlCall {
  readonly root: 'query' | 'mutation' | 'subscription';
  readonly field: string;
  /** The type of its value, in the notation of GraphQL: `[Pilot!]!`. */
  readonly returns: string;
  /** The address, where the schema was read from a live endpoint. */
  readonly endpoint?: string;
  /** `optional`: it has a default. */
  readonly arguments: readonly { readonly name: string; readonly type: string; readonly optional?: boolean }[];
}

/** An operation of a SOAP port. */
export interface SoapCall {
  readonly service: string;
  readonly port: string;
  readonly operation: string;
  readonly version: '1.1' | '1.2';
  readonly style: 'document' | 'rpc';
  readonly use: 'literal' | 'encoded';
  /** Without its quotes. */
  readonly action: string;
  readonly address: string;
  /** The body with its namespaces, ready for a template. */
  readonly envelope: string;
}

/** What the index keeps of an operation: enough for a list, and what its format needs to describe it in full. */
export interface OperationEntry {
  readonly id: string;
  readonly group: string;
  readonly summary?: string;
  /** `POST`; `query` or `mutation`; `SOAP 1.1`. */
  readonly method: string;
  /** The path; the field; service and operation. */
  readonly path: string;
  readonly deprecated?: true;
  /** Where its response feeds others, as the documentation says. */
  readonly links?: readonly DocumentedLink[];
  readonly own: Value;
}

export interface Operation {
  readonly id: string;
  readonly source: string;
  readonly protocol: Protocol;
  readonly group: string;
  readonly summary?: string;
  readonly description?: string;
  /** `POST`; `query` or `mutation`; `SOAP 1.1`. */
  readonly method: string;
  /** The address behind the origin, with `{name}` parts; the GraphQL field; service and operation. */
  readonly path: string;
  readonly deprecated: boolean;
  readonly graphql?: GraphqlCall;
  readonly soap?: SoapCall;
  /** How sure the reading of a page is. */
  readonly certainty?: Certainty;
  /** Where it stands on a page, or among samples. */
  readonly at?: string;
  /** Calls that the vendor makes back. */
  readonly callbacks?: readonly string[];
  /** Vendor extensions (`x-…`), as they stand. */
  readonly extensions?: Readonly<Record<string, Value>>;
  /** Where the response of this operation feeds others, as the documentation says. */
  readonly links?: readonly DocumentedLink[];
  /** Whether a call changes something at the vendor. */
  readonly changes: boolean;
  readonly parameters: readonly Parameter[];
  readonly body?: Body;
  readonly responses: readonly DocumentedResponse[];
  /** Any one of these is enough; empty where none is wanted. */
  readonly security: readonly SecurityNeed[];
}

/** A value of a response that is a parameter of another operation. */
export interface DocumentedLink {
  readonly operation: string;
  readonly parameter: string;
  /** The place in the response. */
  readonly from: string;
}

/** A type of the documentation: a schema, an object, an enumeration. */
export interface TypeDescription {
  readonly name: string;
  /** `object`, `input`, `enumeration`, `union`, `interface`, `scalar`, `element`. */
  readonly kind: string;
  readonly description?: string;
  readonly fields: readonly Field[];
  readonly allowed?: readonly Value[];
  /** Members of a union, implementations of an interface, shapes of `oneOf`. */
  readonly alternatives?: readonly Alternative[];
}

/** Something that could not be read; only this part is lost. */
export interface Warning {
  /** JSON pointer (RFC 6901) into the document, or `line 40`; behind the name of the part where there are several. */
  readonly at: string;
  readonly what: string;
}

export interface ServerVariable {
  readonly name: string;
  readonly default: string;
  readonly allowed: readonly string[];
}

export interface Server {
  /** With its variables at their defaults. */
  readonly url: string;
  /** With its variables as `{name}`, where it has any. */
  readonly template?: string;
  readonly description?: string;
  readonly variables: readonly ServerVariable[];
}

export interface Documentation {
  readonly format: string;
  readonly version: string;
  readonly title: string;
  readonly servers: readonly Server[];
  /** Addresses at which tokens are obtained and refreshed. */
  readonly tokenAddresses?: readonly string[] | undefined;
  /** Names of the security schemes, which are among the definitions. */
  readonly schemes?: readonly string[] | undefined;
  readonly operations: readonly OperationEntry[];
  /** What operations refer to, by the text of the reference. */
  readonly definitions: ReadonlyMap<string, Value>;
  /** Types by name, with their key in `definitions`. */
  readonly types: ReadonlyMap<string, string>;
  /** Calls that the vendor makes on its own. */
  readonly webhooks: readonly string[];
  readonly warnings: readonly Warning[];
}

/** The definitions of a source as its formats see them. */
export interface Definitions {
  get(key: string): Value | undefined;
}
