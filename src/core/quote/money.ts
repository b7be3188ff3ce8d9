import type { QuoteTerms } from './quoteDocument';

/** What a price is made of, cents; they add up to it. */
export interface Money {
  readonly material: number;
  readonly labor: number;
  readonly permit: number;
  readonly margin: number;
  readonly tax: number;
}

/** The parts of a price, from the ground up. */
export const MONEY_PARTS = [
  'material',
  'labor',
  'permit',
  'margin',
  'tax',
] as const satisfies readonly (keyof Money)[];

/** Nothing. */
export const NO_MONEY: Money = { material: 0, labor: 0, permit: 0, margin: 0, tax: 0 };

/** What a price comes to, cents. */
export const priceOf = (money: Money): number => MONEY_PARTS.reduce((sum, part) => sum + money[part], 0);

/** Two prices together, part by part. */
export const plus = (a: Money, b: Money): Money => ({
  material: a.material + b.material,
  labor: a.labor + b.labor,
  permit: a.permit + b.permit,
  margin: a.margin + b.margin,
  tax: a.tax + b.tax,
});

/** A price of material, hours and permit: margin on material and labor, tax on material, each to the cent. */
export function moneyOf(material: number, hours: number, permit: number, terms: QuoteTerms): Money {
  const labor = Math.round(hours * terms.rateCents);
  return {
    material,
    labor,
    permit,
    margin: Math.round(((material + labor) * terms.marginPct) / 100),
    tax: Math.round((material * terms.taxPct) / 100),
  };
}
