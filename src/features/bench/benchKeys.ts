/** What was typed so far: a lead that was just taken, a station whose terminal is to follow. */
export interface Typed {
  readonly lead: boolean;
  readonly station: string;
}

/** What a key does. */
export type KeyAct =
  | { readonly kind: 'take'; readonly lead: 'red' | 'black' }
  | { readonly kind: 'touch'; readonly terminal: string }
  | { readonly kind: 'tool' | 'prove' | 'breaker' | 'load' };

/** Nothing typed yet. */
export const NOTHING_TYPED: Typed = { lead: false, station: '' };

const PLAIN: Readonly<Record<string, KeyAct>> = {
  R: { kind: 'take', lead: 'red' },
  M: { kind: 'tool' },
  P: { kind: 'prove' },
  S: { kind: 'breaker' },
  L: { kind: 'load' },
};

/**
 * What a key comes to after what was typed: a lead (R, B), then a terminal by its two letters (B 1). Right after a lead B is
 * a station, else it is the black lead.
 */
export function afterKey(
  typed: Typed,
  key: string,
  terminals: readonly string[],
): { readonly typed: Typed; readonly act: KeyAct | null; readonly taken: boolean } {
  const letter = key.toUpperCase();
  const terminal = `${typed.station}${letter}`;
  if (typed.station !== '' && terminals.includes(terminal))
    return { typed: NOTHING_TYPED, act: { kind: 'touch', terminal }, taken: true };
  const isStation = letter.length === 1 && terminals.some((each) => each.startsWith(letter));
  if (letter === 'B' && !typed.lead)
    return { typed: { lead: true, station: '' }, act: { kind: 'take', lead: 'black' }, taken: true };
  if (isStation) return { typed: { lead: false, station: letter }, act: null, taken: true };
  const act = PLAIN[letter] ?? null;
  return { typed: { lead: act?.kind === 'take', station: '' }, act, taken: act !== null };
}
