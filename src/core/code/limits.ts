/** The largest numbers of things that a job holds. Schemas, commands and fields all read them here. */
export const LIMITS = {
  circuits: 500,
  segments: 12,
  segmentFt: 2000,
  panels: 8,
  amendments: 40,
  answers: 5000,
  /** Inputs of which a source is kept: some sixty a circuit. */
  sources: 60_000,
  photos: 24,
  /** Of one photograph as a data URL. */
  photoCharacters: 600_000,
  houseLoads: 40,
  observed: 60,
  chargerGroups: 8,
  waters: 6,
  yardLines: 60,
  yardAreas: 24,
  yardThings: 120,
  /** Pieces that are cut, and bars that they are cut from. */
  pieces: 1000,
  prices: 5000,
  counted: 100_000,
  truck: 300,
  /** Hours that something takes, past circuits by which a pace is known, and options of a quote. */
  hours: 2000,
  pastJobs: 300,
  hoursTaken: 100_000,
  options: 60,
  /** Steps that are put into days. */
  daySteps: 300,
  readings: 400,
  /** The dearest that a thing may be. */
  cents: 100_000_000,
  /** Coordinates in plan, feet either way. */
  planFt: 2000,
  nameLength: 80,
  /** Characters of a line that is typed or read: far more than anybody says of a circuit. */
  typedLine: 2000,
  answerLength: 500,
} as const;
