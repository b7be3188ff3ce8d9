import type { Unverified } from './toVerify';

/** An input that nobody gave, for a file: what stands for it, and what each other value comes to. */
export interface UnverifiedLine {
  readonly subject: { readonly kind: 'circuit'; readonly circuitId: string };
  readonly input: string;
  readonly label: string;
  readonly source: 'assumed';
  readonly stands: string;
  readonly outcomes: readonly {
    readonly value: unknown;
    readonly figures: Readonly<Record<string, { readonly was: string; readonly is: string }>>;
    readonly costUSD: number;
    readonly opens: readonly string[];
    readonly closes: readonly string[];
  }[];
}

/** What is left to verify in a job, for a file. */
export const unverifiedLines = (all: readonly Unverified[]): readonly UnverifiedLine[] =>
  all.map(({ assumption: { circuitId, input, label, stands }, outcomes }) => ({
    subject: { kind: 'circuit', circuitId },
    input,
    label,
    source: 'assumed',
    stands,
    outcomes: outcomes.map(({ value, figures, cents, opens, closes }) => ({
      value,
      figures: Object.fromEntries(figures.map(({ figure, was, is }) => [figure, { was, is }])),
      costUSD: cents / 100,
      opens: opens.map(({ code }) => code),
      closes: closes.map(({ code }) => code),
    })),
  }));
