/** Why an article or a practice lets no smaller conductor be used. */
export type MinReason = 'pool' | 'full-size';
