import { ladderOf } from '../../core/water/field/fieldWork';
import { reportAsked } from './reportAsked';
import type { FieldValues } from '../../core/water/field/fieldParts';
import type { Person } from '../../core/water/field/touch';
import type { WaterAsked } from './reportAsked';

/** What the worker is asked: the bonds one after the other, for a person. */
export interface LadderAsked extends WaterAsked {
  readonly values: FieldValues;
  readonly person: Person;
}

/** What each bond makes of what a person bridges. */
export const ladderTask = (request: LadderAsked) => {
  const { yard, values, person } = request;
  return ladderOf({ report: reportAsked(request), yard, values, person });
};
