/** What is said of an input that nobody gave and for which nothing is taken. */
export const NOT_LOOKED_AT = 'not looked at';
