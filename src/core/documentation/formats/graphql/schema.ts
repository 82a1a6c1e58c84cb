/** What the index keeps of a GraphQL schema: its types as plain data, so that nothing but plain data is loaded to show one. */
import type { Value } from '../../../value/written.js';
import type { Definitions } from '../../model/model.js';

export interface SchemaArgument {
  readonly name: string;
  /** In the notation of GraphQL: `[Int!]!`. */
  readonly type: string;
  readonly description?: string;
  /** As it is written in a schema. */
  readonly default?: Value;
  /** The reason. */
  readonly deprecated?: string;
}

export interface SchemaField extends SchemaArgument {
  readonly args?: readonly SchemaArgument[];
}

export interface SchemaType {
  readonly kind: 'object' | 'interface' | 'union' | 'enumeration' | 'input' | 'scalar';
  readonly name: string;
  readonly description?: string;
  readonly fields?: readonly SchemaField[];
  readonly values?: readonly { readonly name: string; readonly description?: string; readonly deprecated?: string }[];
  /** What a union or an interface may be. */
  readonly possible?: readonly string[];
  readonly interfaces?: readonly string[];
  /** Of a custom scalar. */
  readonly specifiedBy?: string;
}

export type OwnField = {
  readonly root: 'query' | 'mutation' | 'subscription';
  readonly field: SchemaField;
  readonly endpoint?: string;
};

export const typeOf = (definitions: Definitions, name: string): SchemaType | undefined =>
  definitions.get(name) as unknown as SchemaType | undefined;

/** `Pilot` of `[Pilot!]!`. */
export const bareName = (type: string): string => type.replace(/[[\]!]/g, '');

export const isRequired = ({ type, default: fallback }: SchemaArgument): boolean =>
  type.endsWith('!') && fallback === undefined;
