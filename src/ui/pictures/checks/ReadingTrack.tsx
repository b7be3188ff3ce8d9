interface ReadingTrackProps {
  readonly low: number;
  readonly high: number;
  readonly read: number | null;
  /** What leading explanations predict here, where they differ. */
  readonly predicts: readonly number[];
}

const WIDE = 100;
const HIGH = 14;
/** The band takes so much of the track; what lies past its ends is drawn at them. */
const BAND = 0.4;

/** A band and what was read in it: a post within, a square outside. The figures beside it say the same. */
export function ReadingTrack({ low, high, read, predicts }: ReadingTrackProps) {
  const span = Math.max(high - low, 0.5) / BAND;
  const from = (low + high) / 2 - span / 2;
  const x = (volts: number): number => Math.min(WIDE - 4, Math.max(4, ((volts - from) / span) * WIDE));
  const isOut = read !== null && (read < low || read > high);
  return (
    <svg
      className="picture"
      viewBox={`0 0 ${WIDE} ${HIGH}`}
      preserveAspectRatio="none"
      width="100%"
      height={HIGH}
      aria-hidden="true"
    >
      <path
        d={`M0 ${HIGH / 2}H${WIDE}`}
        stroke="var(--rule2)"
        strokeWidth="1"
        vectorEffect="non-scaling-stroke"
      />
      <rect x={x(low)} y="2" width={x(high) - x(low)} height={HIGH - 4} fill="var(--pasture-wash)" />
      {[low, high].map((end) => (
        <path
          key={end}
          d={`M${x(end)} 1V${HIGH - 1}`}
          stroke="var(--pasture)"
          strokeWidth="1.5"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {predicts.map((volts) => (
        <path
          key={volts}
          d={`M${x(volts)} 0V${HIGH}`}
          stroke="var(--copper)"
          strokeWidth="2"
          strokeDasharray="3 2"
          vectorEffect="non-scaling-stroke"
        />
      ))}
      {read !== null &&
        (isOut ? (
          <rect x={x(read) - 3} y={HIGH / 2 - 4} width="6" height="8" fill="var(--stop)" />
        ) : (
          <path
            d={`M${x(read)} 1V${HIGH - 1}`}
            stroke="var(--ink)"
            strokeWidth="3"
            vectorEffect="non-scaling-stroke"
          />
        ))}
    </svg>
  );
}
