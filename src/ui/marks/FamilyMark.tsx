import type { FamilyId } from '../../core/appliances/registry';
import { familyMarks } from './familyMarks';
import classes from './FamilyMark.module.css';

/** The mark of an appliance's family beside its name: 24 by 24, drawn for that size. */
export function FamilyMark({ family }: { readonly family: FamilyId }) {
  const { body, lines, solid, copper } = familyMarks[family];
  return (
    <svg className={classes['mark']} width="24" height="24" viewBox="0 0 24 24" aria-hidden="true">
      <path className={classes['body']} d={body} />
      {lines !== undefined && <path className={classes['lines']} d={lines} />}
      {solid !== undefined && <path className={classes['solid']} d={solid} />}
      {copper !== undefined && <path className={classes['copper']} d={copper} />}
    </svg>
  );
}
