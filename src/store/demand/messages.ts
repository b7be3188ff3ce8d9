import type { DemandAnalysis } from '../../core/demand/analyseDemand';
import type { BadReading, NoRecord } from '../../core/demand/intervals';

/** What the worker is asked to read. */
export interface DemandRequest {
  readonly text: string;
  readonly source: string;
}

/** What the worker tells: how far it is, then what the record came to or why it is none. */
export type DemandMessage =
  | { readonly kind: 'progress'; readonly share: number }
  | { readonly kind: 'none'; readonly problem: NoRecord }
  | {
      readonly kind: 'done';
      readonly analysis: DemandAnalysis;
      readonly bad: readonly BadReading[];
      readonly badCount: number;
    };
