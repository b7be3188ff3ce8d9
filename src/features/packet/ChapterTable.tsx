import {
  closestCenter,
  DndContext,
  PointerSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { SortableContext, useSortable, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { KeyboardEvent } from 'react';
import type { Job } from '../../core/job/jobSchema';
import type { PacketChapters } from '../../core/packet/packetPages';
import {
  chapterOrder,
  isChosen,
  withChapter,
  withOrder,
  type Packets,
} from '../../core/paper/packetDocument';
import { READERS, type Chapter, type Reader } from '../../core/paper/packetReaders';
import { CHAPTER_NAME, READER_NAME, READER_SHORT } from '../../core/wording/packetWords';
import { counted } from '../../core/wording/words';
import { useJobEditor } from '../../store/useJobEditor';
import { SeverityShape } from '../../ui/marks/SeverityShape';
import classes from './packet.module.css';

interface ChapterTableProps {
  readonly job: Job;
  readonly reader: Reader;
  readonly chapters: PacketChapters;
}

interface RowProps {
  readonly chapter: Chapter;
  readonly packets: Packets;
  readonly reader: Reader;
  readonly pages: number;
  readonly onChange: ((packets: Packets, label: string) => void) | null;
  readonly onMove: (by: number) => void;
}

/** Alt with an arrow moves a chapter by one place. */
const moveKey = ({ altKey, key }: KeyboardEvent): number =>
  altKey ? (key === 'ArrowUp' ? -1 : key === 'ArrowDown' ? 1 : 0) : 0;

/** A chapter: its pages, and for whom it goes in. */
function Row({ chapter, packets, reader, pages, onChange, onMove }: RowProps) {
  const isFixed = chapter === 'cover' || onChange === null;
  const { listeners, setNodeRef, setActivatorNodeRef, transform, transition } = useSortable({
    id: chapter,
    disabled: isFixed,
  });
  const name = CHAPTER_NAME[chapter];
  return (
    <tr ref={setNodeRef} style={{ transform: CSS.Translate.toString(transform), transition }}>
      <th scope="row">
        <button
          type="button"
          ref={setActivatorNodeRef}
          {...listeners}
          disabled={isFixed}
          aria-label={`${name}, ${counted(pages, 'page')}${isFixed ? '' : ': move with Alt and up or down'}`}
          onKeyDown={(event) => {
            const by = moveKey(event);
            if (by === 0) return;
            event.preventDefault();
            onMove(by);
          }}
        >
          {name} <span className="fig">{pages}</span>
        </button>
      </th>
      {READERS.map((each) => (
        <td key={each} data-current={each === reader || undefined}>
          <button
            type="button"
            aria-pressed={isChosen(packets, each, chapter)}
            disabled={isFixed}
            aria-label={`${name} for the ${READER_NAME[each].toLowerCase()}`}
            onClick={() => {
              onChange?.(
                withChapter(packets, each, chapter),
                `${name}: ${isChosen(packets, each, chapter) ? 'left out' : 'put in'}`,
              );
            }}
          >
            <SeverityShape severity={isChosen(packets, each, chapter) ? 'ok' : 'nothing'} size={12} />
          </button>
        </td>
      ))}
    </tr>
  );
}

/** What goes in for whom, and in which order it is read: a row is dragged, or moved by Alt and an arrow. */
export function ChapterTable({ job, reader, chapters }: ChapterTableProps) {
  const { canWrite, edit } = useJobEditor();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));
  const { packets } = job;
  const order = chapterOrder(packets, reader);
  const put = (next: Packets, label: string): void => {
    edit({ kind: 'change-job', fields: { packets: next } }, label);
  };
  const move = (chapter: Chapter, to: number): void => {
    put(withOrder(packets, reader, chapter, to), `${CHAPTER_NAME[chapter]}: moved`);
  };
  const drop = ({ active, over }: DragEndEvent): void => {
    const chapter = order.find((each) => each === active.id);
    const to = order.findIndex((each) => each === over?.id);
    if (chapter !== undefined && to >= 0 && active.id !== over?.id) move(chapter, to);
  };
  return (
    <section className={classes['what']} aria-label="What goes in">
      <DndContext sensors={sensors} collisionDetection={closestCenter} onDragEnd={drop}>
        <table className={classes['chapters']}>
          <thead>
            <tr>
              <th scope="col" className="second">
                What goes in
              </th>
              {READERS.map((each) => (
                <th key={each} scope="col" className="second" data-current={each === reader || undefined}>
                  <abbr title={READER_NAME[each]}>{READER_SHORT[each]}</abbr>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            <SortableContext items={[...order]} strategy={verticalListSortingStrategy}>
              {order.map((chapter, at) => (
                <Row
                  key={chapter}
                  chapter={chapter}
                  packets={packets}
                  reader={reader}
                  pages={chapter === 'cover' ? 1 : (chapters.get(chapter)?.length ?? 0)}
                  onChange={canWrite ? put : null}
                  onMove={(by) => {
                    move(chapter, at + by);
                  }}
                />
              ))}
            </SortableContext>
          </tbody>
        </table>
      </DndContext>
      <p className="second">Drag a row, or Alt and an arrow: the pages follow.</p>
    </section>
  );
}
