import { fieldsOf, type Field } from '../../fields/field';
import { UNITS } from '../../fields/units';
import type { QuoteTerms } from '../../quote/quoteDocument';

const of = fieldsOf<QuoteTerms>();

/** What an hour, the permit and the rest cost. */
export const termFields: readonly Field<QuoteTerms>[] = [
  of.dollars('rateCents', 'An hour, $'),
  of.dollars('permitJobCents', 'Permit of the job, $'),
  of.dollars('permitCircuitCents', 'Permit of a circuit, $'),
  of.dollars('permitServiceCents', 'Permit of a service, $'),
  of.number('marginPct', 'Margin, %', { units: UNITS.percent.units, shown: '' }),
  of.number('taxPct', 'Tax on material, %', { units: UNITS.percent.units, shown: '' }),
  of.number(
    'goodDays',
    'Good for, days',
    { units: UNITS.days.units, shown: '' },
    {
      edit: 'How long the price is good',
    },
  ),
];
