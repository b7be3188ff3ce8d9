import { memo, type ReactNode } from 'react';
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
import { useCircuitName, useCircuitView } from '../../store/useCircuitView';
import { useJobEditor } from '../../store/useJobEditor';
import { StandingShape } from '../../ui/marks/StandingShape';
import { useStageActions } from '../job/stageActions';
import classes from './CircuitList.module.css';

interface CircuitListProps {
  /** Ids of the circuits in their order; the same array for as long as the order is the same. */
  readonly ids: readonly string[];
  readonly current: string;
}

interface RowProps {
  readonly id: string;
  readonly number: number;
  readonly current: boolean;
}

/** A circuit in the list. It follows its circuit alone, so that an edit redraws one row. */
function Words({ id, number, current, grip }: RowProps & { readonly grip: (name: string) => ReactNode }) {
  const view = useCircuitView(id);
  const { goTo } = useStageActions();
  if (view === undefined) return null;
  const { circuit, solved, standing } = view;
  return (
    <>
      {grip(`Move ${circuit.name}, number ${number}`)}
      <button
        type="button"
        className={classes['name']}
        aria-current={current || undefined}
        onClick={() => {
          goTo(id);
        }}
      >
        <span className={classes['title']}>{circuit.name}</span>
        <span className={`fig ${classes['line']}`}>{circuitLine(solved, circuit)}</span>
        <span className="visually-hidden">, {standingWord[standing]}</span>
      </button>
      <StandingShape standing={standing} />
    </>
  );
}

const Row = memo(function Row({ id, number, current }: RowProps) {
  const { canWrite } = useJobEditor();
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({
    id,
    disabled: !canWrite,
  });
  const grip = (label: string): ReactNode => (
    <button
      type="button"
      ref={setActivatorNodeRef}
      className={`fig ${classes['number']}`}
      {...attributes}
      {...listeners}
      aria-label={label}
    >
      {number}
    </button>
  );
  return (
    <li
      ref={setNodeRef}
      className={classes['row']}
      data-current={current || undefined}
      style={{ transform: CSS.Translate.toString(transform), transition }}
    >
      <Words id={id} number={number} current={current} grip={grip} />
    </li>
  );
});

/** What a screen reader is told while a circuit is moved. */
const announcements = (name: (id: unknown) => string, place: (id: unknown) => number): Announcements => ({
  onDragStart: ({ active }) => `${name(active.id)} is picked up.`,
  onDragOver: ({ active, over }) =>
    over === null ? undefined : `${name(active.id)} is at place ${place(over.id)}.`,
  onDragEnd: ({ active, over }) =>
    over === null ? undefined : `${name(active.id)} was put at place ${place(over.id)}.`,
  onDragCancel: ({ active }) => `${name(active.id)} stays where it was.`,
});

/** The circuits of the job in the order in which they are worked; dragged by pointer or keyboard. */
export const CircuitList = memo(function CircuitList({ ids, current }: CircuitListProps) {
  const { open } = useStageActions();
  const { edit, canWrite } = useJobEditor();
  const nameOf = useCircuitName();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 5 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const drop = ({ active, over }: DragEndEvent): void => {
    if (over === null || active.id === over.id) return;
    edit({ kind: 'move-circuit', id: String(active.id), to: ids.indexOf(String(over.id)) }, 'Move a circuit');
  };
  const told = announcements(nameOf, (id) => ids.indexOf(String(id)) + 1);
  return (
    <>
      <div className={classes['head']}>
        <h2 className="second">Circuits of the job</h2>
        <button
          type="button"
          className="act"
          onClick={() => {
            open('add');
          }}
          disabled={!canWrite}
        >
          Add a circuit
        </button>
      </div>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={drop}
        accessibility={{ announcements: told }}
      >
        <SortableContext items={[...ids]} strategy={verticalListSortingStrategy}>
          <ol>
            {ids.map((id, index) => (
              <Row key={id} id={id} number={index + 1} current={id === current} />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </>
  );
});
