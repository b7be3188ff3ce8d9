interface MissListProps {
  readonly misses: readonly { readonly cause: string; readonly count: number }[];
}

/** Answers among which misses are counted. */
export const LATEST_ANSWERS = 60;

/** Misses by the wrong rule that gave them, the most frequent first. */
export function MissList({ misses }: MissListProps) {
  return (
    <ol>
      {misses.map(({ cause, count }) => (
        <li key={cause}>
          <span>{cause}</span>
          <b className="fig">{count}</b>
        </li>
      ))}
    </ol>
  );
}
