/** Ids for what is only looked at. */
export const draftIds = (): (() => string) => {
  let made = 0;
  return () => `typed-${(made += 1)}`;
};
