/** Media types by what a body of them is (RFC 6839, section 3.1). */

/** Whether a body of a documented type is JSON; one of any type is drafted and sent as it. */
export const isJsonType = (type: string): boolean => /[/+]json\b|^(?:\*|application)\/\*$/.test(type);
