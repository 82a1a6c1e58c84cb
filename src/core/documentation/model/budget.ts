/** How many fields of an operation are still described: beyond them a person has stopped reading, and a document may be hostile. */
export interface Budget {
  left: number;
}

export const fullBudget = (): Budget => ({ left: 2000 });
