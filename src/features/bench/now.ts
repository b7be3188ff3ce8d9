/** This moment, as it is written in a record. */
export const now = (): string => new Date().toISOString();
