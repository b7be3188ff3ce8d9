import { useCallback } from 'react';
import type { Job } from '../../../core/job/jobSchema';
import type { LaborTerms } from '../../../core/labor/laborDocument';
import type { Quote, QuoteTerms } from '../../../core/quote/quoteDocument';
import { useJobEditor } from '../../../store/useJobEditor';

/** Ways to change the quote of the open job. */
export interface QuoteEditor {
  readonly canWrite: boolean;
  readonly put: (fields: Partial<Quote>, label: string, mergeKey?: string) => void;
  readonly putTerms: (terms: Partial<QuoteTerms>, label: string, mergeKey?: string) => void;
  readonly putLabor: (labor: Partial<LaborTerms>, label: string, mergeKey?: string) => void;
}

/** Edits the quote of the open job. */
export function useQuoteEditor({ quote }: Job): QuoteEditor {
  const { canWrite, edit } = useJobEditor();
  const put = useCallback<QuoteEditor['put']>(
    (fields, label, mergeKey) => {
      edit({ kind: 'change', part: 'quote', fields }, label, mergeKey);
    },
    [edit],
  );
  return {
    canWrite,
    put,
    putTerms: (terms, label, mergeKey) => {
      put({ terms: { ...quote.terms, ...terms } }, label, mergeKey);
    },
    putLabor: (labor, label, mergeKey) => {
      put({ labor: { ...quote.labor, ...labor } }, label, mergeKey);
    },
  };
}
