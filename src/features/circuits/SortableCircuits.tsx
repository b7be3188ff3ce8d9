import { memo, useEffect, useRef, type CSSProperties, type ReactNode } from 'react';
import {
  closestCenter,
  DndContext,
  getScrollableAncestors,
  KeyboardSensor,
  PointerSensor,
  useDndContext,
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
import { useMergedRef } from '@mantine/hooks';
import { defaultRangeExtractor, useVirtualizer } from '@tanstack/react-virtual';
import { useCircuitName } from '../../store/useEvaluation';
import { useJobEditor } from '../../store/useJobEditor';
import { CircuitWords, type CircuitListProps, type RowProps } from './figures/CircuitWords';
import classes from './CircuitList.module.css';

/** Longer lists draw only the rows in view. */
const MAX_DRAWN_WHOLE = 60;
const ROW_PX = 35;
const ROWS_BEYOND_VIEW = 10;
/** The heading above the rows, which scrolls with them. */
const HEAD_PX = 30;

interface SortableRowProps extends RowProps {
  /** How many rows the list has where not all of them are drawn. */
  readonly of?: number;
  /** From the top of the list where not all of its rows are drawn. */
  readonly topPx?: number;
  readonly measure?: (row: HTMLElement | null) => void;
}

const placedAt = (topPx: number): CSSProperties => ({ position: 'absolute', insetInline: 0, top: topPx });

const Row = memo(function Row({ id, number, current, of, topPx, measure }: SortableRowProps) {
  const { canWrite } = useJobEditor();
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({
    id,
    disabled: !canWrite,
  });
  const ref = useMergedRef<HTMLElement>(setNodeRef, measure);
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
      ref={ref}
      className={classes['row']}
      data-index={number - 1}
      data-current={current || undefined}
      {...(of !== undefined && { 'aria-posinset': number, 'aria-setsize': of })}
      style={{
        ...(topPx !== undefined && placedAt(topPx)),
        transform: CSS.Translate.toString(transform),
        transition,
      }}
    >
      <CircuitWords id={id} number={number} current={current} grip={grip} />
    </li>
  );
});

/** The rows in view and a few beyond, the current row, which is brought into view, and the row that is dragged. */
function RowsInView({ ids, current }: CircuitListProps) {
  const list = useRef<HTMLOListElement>(null);
  const { active } = useDndContext();
  const dragged = active === null ? -1 : ids.indexOf(String(active.id));
  const at = ids.indexOf(current);
  const rows = useVirtualizer({
    count: ids.length,
    getScrollElement: () => getScrollableAncestors(list.current, 1)[0] ?? null,
    estimateSize: () => ROW_PX,
    overscan: ROWS_BEYOND_VIEW,
    scrollMargin: HEAD_PX,
    rangeExtractor: (range) => {
      const kept = [dragged, at].filter((index) => index >= 0);
      return [...new Set([...defaultRangeExtractor(range), ...kept])].sort((a, b) => a - b);
    },
  });
  useEffect(() => {
    list.current?.querySelector('[data-current]')?.scrollIntoView({ block: 'nearest' });
  }, [at]);
  return (
    <ol ref={list} style={{ position: 'relative', height: rows.getTotalSize() }}>
      {rows.getVirtualItems().map(({ index, start }) => {
        const id = ids[index];
        return (
          id !== undefined && (
            <Row
              key={id}
              id={id}
              number={index + 1}
              current={index === at}
              of={ids.length}
              topPx={start - HEAD_PX}
              measure={rows.measureElement}
            />
          )
        );
      })}
    </ol>
  );
}

function AllRows({ ids, current }: CircuitListProps) {
  return (
    <ol>
      {ids.map((id, index) => (
        <Row key={id} id={id} number={index + 1} current={id === current} />
      ))}
    </ol>
  );
}

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
        {ids.length > MAX_DRAWN_WHOLE ? (
          <RowsInView ids={ids} current={current} />
        ) : (
          <AllRows ids={ids} current={current} />
        )}
      </SortableContext>
    </DndContext>
  );
}
