import type { Column } from '../../paper/pageFlow';
import { CARE_WORDS, CHAPTER_NAME } from '../../wording/packetWords';
import { formName } from '../../wording/places';
import { plannedCircuits } from '../plannedCircuits';
import type { Making } from './making';

const TESTED: readonly Column[] = [{ at: 0, face: 'strong' }, { at: 0.36 }, { at: 0.8 }];

/** What the owner tests every month, circuit by circuit, and when an electrician is called. */
export function careChapter({ flow, evaluation }: Making): void {
  flow.page('care', CHAPTER_NAME.care);
  const tested = plannedCircuits(evaluation).filter(
    ({ solved }) => solved.figures.outlet.gfci.form !== 'none',
  );
  if (tested.length === 0) flow.say('No circuit of this job has GFCI protection.');
  for (const { circuit, solved } of tested)
    flow.row(TESTED, [circuit.name, formName[solved.figures.outlet.gfci.form], 'every month']);
  flow.say(' ');
  for (const words of CARE_WORDS) {
    flow.say(words);
    flow.say(' ');
  }
}
