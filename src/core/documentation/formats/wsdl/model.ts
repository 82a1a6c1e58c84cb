/** What the index keeps of a WSDL and its schemas, as plain data. */
import type { Limits } from '../../model/model.js';

export const xsd = 'http://www.w3.org/2001/XMLSchema';
/** In which encoded calls name the type of each element. */
export const xsi = 'http://www.w3.org/2001/XMLSchema-instance';
/** Of SOAP 1.1, section 5: arrays, and simple types under their own names. */
export const encoding = 'http://schemas.xmlsoap.org/soap/encoding/';

/** A name with its namespace: `{urn:larkhaven:customs}Declaration`. */
export type ClarkName = string;

export interface XsdElement {
  readonly local: string;
  /** Empty where a local element has none. */
  readonly namespace: string;
  /** A named type, of the schemas or of XSD itself. */
  readonly type?: ClarkName;
  readonly inline?: XsdType;
  readonly least: number;
  /** -1 for any number. */
  readonly most: number;
  readonly nillable?: true;
  readonly default?: string;
  readonly fixed?: string;
  readonly about?: string;
  /** A global element that stands here by its name. */
  readonly ref?: ClarkName;
  /** It never stands itself where it is named: one of the others does. */
  readonly abstract?: true;
  /** Elements that may stand in its place (XML Schema part 1, section 2.2.2.2). */
  readonly instead?: readonly ClarkName[];
}

export type Particle =
  | { readonly is: 'element'; readonly element: XsdElement }
  | {
      readonly is: 'sequence' | 'choice' | 'all';
      readonly items: readonly Particle[];
      readonly least: number;
      readonly most: number;
    }
  | { readonly is: 'any'; readonly least: number };

export interface XsdAttribute {
  readonly name: string;
  readonly namespace?: string;
  readonly type?: ClarkName;
  readonly inline?: XsdType;
  readonly required: boolean;
  readonly default?: string;
  readonly fixed?: string;
  readonly about?: string;
}

export interface XsdType {
  readonly about?: string;
  /** What it restricts or extends. */
  readonly base?: ClarkName;
  readonly derivation?: 'restriction' | 'extension' | 'list' | 'union';
  readonly simple: boolean;
  readonly allowed?: readonly string[];
  readonly limits?: Limits;
  readonly content?: Particle;
  /** What an encoded array holds. */
  readonly arrayOf?: ClarkName;
  readonly attributes?: readonly XsdAttribute[];
  /** No value is of it, but of those that extend it. */
  readonly abstract?: true;
  /** Of an abstract type those that are not, named by `xsi:type`. */
  readonly instead?: readonly ClarkName[];
}

/** A part of a message: an element, or, in RPC, a name with a type. */
export interface MessagePart {
  readonly name: string;
  readonly element?: ClarkName;
  readonly type?: ClarkName;
}

export interface SoapMessage {
  readonly parts: readonly MessagePart[];
  readonly headers: readonly MessagePart[];
}

export type OwnSoapOperation = {
  readonly service: string;
  readonly port: string;
  readonly operation: string;
  readonly version: '1.1' | '1.2';
  readonly style: 'document' | 'rpc';
  readonly use: 'literal' | 'encoded';
  readonly action: string;
  readonly address: string;
  readonly about?: string;
  /** Of the wrapper of an RPC call. */
  readonly namespace: string;
  readonly input: SoapMessage;
  readonly output?: SoapMessage;
  readonly faults: readonly { readonly name: string; readonly parts: readonly MessagePart[] }[];
};

export const elementKey = (name: ClarkName): string => `element ${name}`;
export const typeKey = (name: ClarkName): string => `type ${name}`;
