import type { HelpId } from '../../core/wording/help';
import type { CircuitEvaluation } from '../../core/job/evaluation';
import { siteQuestions, type SiteTopic } from '../../core/protection/siteQuestions';
import { siteSchema } from '../../core/protection/siteSchema';
import { omitUndefined } from '../../core/units/omitUndefined';
import { siteFields } from '../../core/wording/fields/siteFields';
import { useJobEditor } from '../../store/useJobEditor';
import { FieldList } from '../../ui/fields/FieldList';
import classes from './SiteFields.module.css';

/** The help that explains what is measured for a topic. */
const HELP_OF: Readonly<Record<SiteTopic, HelpId>> = {
  place: 'water',
  disconnect: 'disconnect',
  protection: 'protection',
  ends: 'torque',
};

interface SiteFieldsProps {
  readonly view: CircuitEvaluation;
  readonly topic: SiteTopic;
}

/** What there is to measure and to look at for one topic of a circuit; nothing where nothing is asked. */
export function SiteFields({ view, topic }: SiteFieldsProps) {
  const { canWrite, replaceCircuit } = useJobEditor();
  const { circuit, solved } = view;
  const isPlaced = view.context.panel !== undefined;
  const asked = siteQuestions(solved.figures.facts, solved.figures.outlet, topic, isPlaced);
  if (asked.length === 0) return null;
  return (
    <div className={classes['contents']} data-help={HELP_OF[topic]}>
      <FieldList
        schema={siteSchema}
        fields={asked.map((key) => siteFields[key])}
        of={circuit.site}
        disabled={!canWrite}
        set={(fields, edit, mergeKey) => {
          replaceCircuit({ ...circuit, site: omitUndefined({ ...circuit.site, ...fields }) }, edit, mergeKey);
        }}
      />
    </div>
  );
}
