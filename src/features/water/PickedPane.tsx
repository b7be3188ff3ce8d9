import { Button } from '@mantine/core';
import type { WaterEvaluation } from '../../core/job/evaluation';
import type { JobEvaluation } from '../../core/job/evaluateJob';
import type { YardItem } from '../../core/water/yardSchema';
import { renamed } from '../../core/water/yardEdits';
import { useYardEditor } from '../../store/useYardEditor';
import { TextField } from '../../ui/fields/TextField';
import { AreaFields, LineFields } from './LineFields';
import { ThingFields } from './ThingFields';
import { WaterFields } from './WaterFields';
import classes from './water.module.css';

interface PickedPaneProps {
  readonly evaluation: JobEvaluation;
  readonly view: WaterEvaluation;
  readonly id: string;
  readonly onDone: () => void;
}

/** What was picked, in its list. */
function found({ job: { yard } }: JobEvaluation, id: string): YardItem | undefined {
  const is = (each: { readonly id: string }): boolean => each.id === id;
  const thing = yard.things.find(is);
  const line = yard.lines.find(is);
  const area = yard.areas.find(is);
  const water = yard.waters.find(is);
  if (thing !== undefined) return { list: 'things', item: thing };
  if (line !== undefined) return { list: 'lines', item: line };
  if (area !== undefined) return { list: 'areas', item: area };
  return water && { list: 'waters', item: water };
}

function Fields({
  evaluation,
  view,
  what,
}: Pick<PickedPaneProps, 'evaluation' | 'view'> & { what: YardItem }) {
  switch (what.list) {
    case 'things':
      return <ThingFields job={evaluation.job} report={view.report} thing={what.item} />;
    case 'lines':
      return <LineFields line={what.item} />;
    case 'areas':
      return <AreaFields area={what.item} />;
    case 'waters':
      return <WaterFields water={what.item} />;
  }
}

/** What is known of what was picked on the plan, and what may be done with it. */
export function PickedPane({ evaluation, view, id, onDone }: PickedPaneProps) {
  const { canWrite, put, take } = useYardEditor();
  const what = found(evaluation, id);
  if (what === undefined) return null;
  const { name } = what.item;
  return (
    <section className={classes['picked']} aria-label="Picked">
      <h2>{name}</h2>
      <TextField
        live
        label="Name"
        value={name}
        maxLength={80}
        disabled={!canWrite}
        onText={(text, key) => {
          if (text.trim() !== '') put(renamed(what, text), 'Name in the yard', key);
        }}
      />
      <Fields evaluation={evaluation} view={view} what={what} />
      <div className={classes['acts']}>
        <Button
          size="xs"
          variant="default"
          disabled={!canWrite}
          onClick={() => {
            take(what.list, id, `Remove ${name}`);
            onDone();
          }}
        >
          Remove it
        </Button>
        <Button size="xs" variant="default" onClick={onDone}>
          Done
        </Button>
      </div>
    </section>
  );
}
