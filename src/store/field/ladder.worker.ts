import { ladderOf } from '../../core/water/field/fieldWork';
import { serve } from '../worker/serve';
import { reportAsked } from './reportAsked';
import type { LadderAsked } from './useLadder';

serve((request: LadderAsked) => {
  const { yard, values, person } = request;
  return ladderOf({ report: reportAsked(request), yard, values, person });
});
