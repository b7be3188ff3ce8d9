import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
  type DragEndEvent,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { standingWord } from '../../core/wording/words';
import { circuitLine } from '../../core/wording/ladder';
import type { CircuitView } from '../../store/circuitView';
import { useJobEditor } from '../../store/useJobEditor';
import { StandingShape } from '../../ui/marks/StandingShape';
import { useStageActions } from './stageActions';
import classes from './CircuitList.module.css';

interface CircuitListProps {
  readonly views: readonly CircuitView[];
  readonly current: string;
}

interface RowProps {
  readonly view: CircuitView;
  readonly number: number;
  readonly current: boolean;
}

function Row({ view, number, current }: RowProps) {
  const { circuit, solved, standing } = view;
  const { goTo } = useStageActions();
  const { canWrite } = useJobEditor();
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({
    id: circuit.id,
    disabled: !canWrite,
  });
  return (
    <li
      ref={setNodeRef}
      className={classes['row']}
      data-current={current || undefined}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <button
        type="button"
        ref={setActivatorNodeRef}
        className={`fig ${classes['number']}`}
        {...attributes}
        {...listeners}
        aria-label={`Move ${circuit.name}, number ${number}`}
      >
        {number}
      </button>
      <button
        type="button"
        className={classes['name']}
        aria-current={current || undefined}
        onClick={() => {
          goTo(circuit.id);
        }}
      >
        <span className={classes['title']}>{circuit.name}</span>
        <span className={`fig ${classes['line']}`}>{circuitLine(solved, circuit)}</span>
        <span className="visually-hidden">, {standingWord[standing]}</span>
      </button>
      <StandingShape standing={standing} />
    </li>
  );
}

/** What a screen reader is told while a circuit is moved. */
const announcements = (views: readonly CircuitView[]): Announcements => {
  const name = (id: unknown): string => views.find(({ circuit }) => circuit.id === id)?.circuit.name ?? '';
  const place = (id: unknown): number => views.findIndex(({ circuit }) => circuit.id === id) + 1;
  return {
    onDragStart: ({ active }) => `${name(active.id)} is picked up.`,
    onDragOver: ({ active, over }) =>
      over === null ? undefined : `${name(active.id)} is at place ${place(over.id)}.`,
    onDragEnd: ({ active, over }) =>
      over === null ? undefined : `${name(active.id)} was put at place ${place(over.id)}.`,
    onDragCancel: ({ active }) => `${name(active.id)} stays where it was.`,
  };
};

/** The circuits of the job in the order in which they are worked; dragged by pointer or keyboard. */
export function CircuitList({ views, current }: CircuitListProps) {
  const { add } = useStageActions();
  const { edit, canWrite } = useJobEditor();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = views.map(({ circuit }) => circuit.id);
  const drop = ({ active, over }: DragEndEvent): void => {
    if (over === null || active.id === over.id) return;
    edit({ kind: 'move-circuit', id: String(active.id), to: ids.indexOf(String(over.id)) }, 'Move a circuit');
  };
  return (
    <>
      <div className={classes['head']}>
        <h2 className="second">Circuits of the job</h2>
        <button type="button" className="act" onClick={add} disabled={!canWrite}>
          Add a circuit
        </button>
      </div>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={drop}
        accessibility={{ announcements: announcements(views) }}
      >
        <SortableContext items={ids} strategy={verticalListSortingStrategy}>
          <ol>
            {views.map((view, index) => (
              <Row
                key={view.circuit.id}
                view={view}
                number={index + 1}
                current={view.circuit.id === current}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </>
  );
}
