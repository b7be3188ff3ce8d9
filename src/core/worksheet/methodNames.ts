import { z } from 'zod';
import { METHOD_IDS, METHODS, type MethodId } from '../code/methods';
import { TRADE_SIZES, parseTradeSize } from '../units/tradeSize';
import { isRefused } from '../units/refused';
import { parseWireSize, WIRE_SIZES } from '../units/wireSize';
import type { Surround } from '../code/tables/shapes';
import { RACEWAY_TYPES } from '../code/racewayTypes';

const lower = (value: unknown): unknown => (typeof value === 'string' ? value.trim().toLowerCase() : value);
const upper = (value: unknown): unknown => (typeof value === 'string' ? value.trim().toUpperCase() : value);

const understood =
  (parse: (text: string) => unknown) =>
  (value: unknown): unknown => {
    if (typeof value !== 'string') return value;
    const parsed = parse(value);
    return isRefused(parsed) ? value : parsed;
  };

/** A conductor size in any usual writing: "6", "6 AWG", "250 kcmil". */
export const sizeField = z.preprocess(understood(parseWireSize), z.enum(WIRE_SIZES));

/** A trade size in any usual writing: "3/4", "1-1/4", "1 1/4". */
export const tradeField = z.preprocess(understood(parseTradeSize), z.enum(TRADE_SIZES));

/** A wiring method by its id, in capitals or not. */
export const methodField = z.preprocess(lower, z.enum(METHOD_IDS));

/** A raceway by the name of its table, in capitals or not. */
export const racewayField = z.preprocess(upper, z.enum(RACEWAY_TYPES));

/** What may stand around conductors for their drop: a raceway, a method, or the column itself. */
export const surroundField = z.preprocess(
  lower,
  z.enum([...METHOD_IDS, 'pvc', 'steel', 'aluminum'] as const),
);

/** The column of the impedance table for what stands around the conductors. */
export const surroundOf = (name: MethodId | Surround): Surround =>
  name === 'pvc' || name === 'steel' || name === 'aluminum' ? name : METHODS[name].surround;
