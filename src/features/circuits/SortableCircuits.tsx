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
import { useCircuitName } from '../../store/useEvaluation';
import { useJobEditor } from '../../store/useJobEditor';
import { CircuitWords, type CircuitListProps, type RowProps } from './figures/CircuitWords';
import classes from './CircuitList.module.css';

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
      <CircuitWords id={id} number={number} current={current} grip={grip} />
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

/** The circuits in an order that is changed by pointer or keyboard. Fetched after the list is shown. */
export function SortableCircuits({ ids, current }: CircuitListProps) {
  const { edit } = useJobEditor();
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
  );
}
