import type { z } from 'zod';
import { edition, type Edition, type EditionYear } from '../code/edition';
import { firstProblem, type FieldProblem } from '../job/zodProblem';
import type { ItemAnswer, ItemOutcome } from './answer';
import { answerCircuit } from './circuitItem';
import { answerCutPlan } from './cutItem';
import { cutPlanItemSchema } from './cutSchemas';
import { answerDays } from './daysItem';
import { daysItemSchema } from './daysSchemas';
import { answerNetworkFault, answerOutletFault } from './faultItem';
import { faultFormSchemas } from './faultSchemas';
import { answerFill } from './fillItem';
import {
  ampacityItemSchema,
  circuitItemSchema,
  dropItemSchema,
  fillCountItemSchema,
  fillItemSchema,
  worksheetSchema,
} from './itemSchemas';
import { answerBox, answerBurial, answerMotor, answerRangeDemand } from './kindItems';
import {
  boxItemSchema,
  burialItemSchema,
  motorItemSchema,
  rangeDemandItemSchema,
  serviceItemSchema,
} from './kindSchemas';
import { answerBends, answerOffsetBend, answerStraps } from './routeItems';
import { bendsItemSchema, offsetBendItemSchema, strapsItemSchema } from './routeSchemas';
import { answerService } from './serviceItem';
import { answerBonding, answerBondLoop, answerZone } from './waterItems';
import { bondingItemSchema, bondLoopItemSchema, zoneItemSchema } from './waterSchemas';
import { answerAmpacity, answerDrop, answerFillCount } from './smallItems';

type Given = Readonly<Record<string, unknown>>;

/** Reads an item of one kind and answers it. */
type Kind = (item: unknown, given: Given, year: EditionYear) => ItemAnswer | FieldProblem;

const kind =
  <Item extends { readonly edition?: EditionYear | undefined }>(
    schema: z.ZodType<Item>,
    answer: (item: Item, given: Given, code: Edition) => ItemAnswer | FieldProblem,
  ): Kind =>
  (item, given, year) => {
    const read = schema.safeParse(item);
    return read.success
      ? answer(read.data, given, edition(read.data.edition ?? year))
      : firstProblem(read.error);
  };

const outletFault = kind(faultFormSchemas.outlet, answerOutletFault);
const networkFault = kind(faultFormSchemas.network, answerNetworkFault);

/** Two forms of one kind: the readings of an outlet, or of a circuit. */
const fault: Kind = (item, given, year) =>
  given['outlet'] === undefined ? networkFault(item, given, year) : outletFault(item, given, year);

const KINDS: ReadonlyMap<string, Kind> = new Map([
  ['circuit', kind(circuitItemSchema, answerCircuit)],
  ['ampacity', kind(ampacityItemSchema, answerAmpacity)],
  ['drop', kind(dropItemSchema, answerDrop)],
  ['fill', kind(fillItemSchema, answerFill)],
  ['fill-count', kind(fillCountItemSchema, answerFillCount)],
  ['motor', kind(motorItemSchema, answerMotor)],
  ['range-demand', kind(rangeDemandItemSchema, answerRangeDemand)],
  ['box', kind(boxItemSchema, answerBox)],
  ['burial', kind(burialItemSchema, answerBurial)],
  ['bond-loop', kind(bondLoopItemSchema, answerBondLoop)],
  ['zone', kind(zoneItemSchema, answerZone)],
  ['bonding', kind(bondingItemSchema, answerBonding)],
  ['cut-plan', kind(cutPlanItemSchema, answerCutPlan)],
  ['days', kind(daysItemSchema, answerDays)],
  ['fault', fault],
  ['bends', kind(bendsItemSchema, answerBends)],
  ['offset-bend', kind(offsetBendItemSchema, answerOffsetBend)],
  ['straps', kind(strapsItemSchema, answerStraps)],
  ['service', kind(serviceItemSchema, answerService)],
]);

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

const textOf = (value: unknown, otherwise: string): string => (typeof value === 'string' ? value : otherwise);

function answerItem(item: unknown, index: number, year: EditionYear): ItemOutcome {
  const given: Given = isRecord(item) ? item : {};
  const named = { id: textOf(given['id'], `item ${index + 1}`), kind: textOf(given['kind'], '') };
  const at = (problem: FieldProblem): ItemOutcome => ({
    ...named,
    error: {
      path: `items[${index}]${problem.path === '' ? '' : `.${problem.path}`}`,
      message: problem.message,
    },
  });
  const answer = KINDS.get(named.kind);
  if (answer === undefined) {
    return at({
      path: 'kind',
      message: `"${named.kind}" is not known; use one of ${[...KINDS.keys()].join(', ')}.`,
    });
  }
  const outcome = answer(item, given, year);
  return 'path' in outcome ? at(outcome) : outcome;
}

/** Answers every item of a worksheet. A worksheet that is none comes back as a problem; a bad item as its own error. */
export function answerWorksheet(
  sheet: unknown,
): { readonly items: readonly ItemOutcome[] } | { readonly problem: FieldProblem } {
  const read = worksheetSchema.safeParse(sheet);
  if (!read.success) return { problem: firstProblem(read.error) };
  const { items, edition: year } = read.data;
  return { items: items.map((item, index) => answerItem(item, index, year)) };
}
