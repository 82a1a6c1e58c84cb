/** Grows where a member of a document goes, or means something else; others may be added. */
export const documentVersion = 1;
