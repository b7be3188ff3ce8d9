import { Button } from '@mantine/core';
import { useState } from 'react';
import { YARD_THINGS, type YardThing } from '../../core/code/waterFacts';
import type { Job } from '../../core/job/jobSchema';
import { freshArea, freshLine, freshThing, LINE_KINDS, type LineKind } from '../../core/water/freshYard';
import type { Point } from '../../core/water/point';
import { snapped } from '../../core/water/yardEdits';
import type { YardItem } from '../../core/water/yardSchema';
import type { WaterReport } from '../../core/water/waterReport';
import { areaName, lineName, thingName } from '../../core/wording/waterWords';
import { useYardEditor } from '../../store/useYardEditor';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import classes from './water.module.css';

type Kind = YardThing | LineKind | 'deck' | 'slab';

const isLine = (kind: Kind): kind is LineKind => LINE_KINDS.some((each) => each === kind);

const CHOICES: readonly { readonly value: Kind; readonly label: string }[] = [
  ...YARD_THINGS.map((value) => ({ value, label: thingName[value] })),
  ...LINE_KINDS.map((value) => ({ value, label: lineName[value] })),
  { value: 'deck', label: areaName.deck },
  { value: 'slab', label: areaName.slab },
];

const OUT_FT = 8;
const HALF_FT = 4;

/** Something new beside the water, from where it is dragged or moved by keys. */
function fresh(kind: Kind, id: string, { placed }: WaterReport, { yard }: Job): YardItem {
  const right = placed.outline.reduce(
    (best, point) => (point[0] > best[0] ? point : best),
    placed.outline[0] ?? [0, 0],
  );
  const at: Point = [right[0] + OUT_FT, right[1]];
  if (isLine(kind)) {
    const points: Point[] = [
      [at[0], at[1] - 2 * HALF_FT],
      [at[0], at[1] + 2 * HALF_FT],
    ];
    return { list: 'lines', item: freshLine(id, lineName[kind], kind, points) };
  }
  if (kind === 'deck' || kind === 'slab') {
    const [x, y] = at;
    const corners: Point[] = [
      [x - HALF_FT, y - HALF_FT],
      [x + HALF_FT, y - HALF_FT],
      [x + HALF_FT, y + HALF_FT],
      [x - HALF_FT, y + HALF_FT],
    ];
    return { list: 'areas', item: freshArea(id, areaName[kind], kind, corners) };
  }
  const place = snapped(kind, [right[0] + 0.5, right[1]], yard);
  const inWall = place[0] < right[0] + 0.25;
  return { list: 'things', item: freshThing(id, thingName[kind], kind, inWall ? place : at) };
}

interface AddToYardProps {
  readonly job: Job;
  readonly report: WaterReport;
  readonly onAdded: (id: string) => void;
}

/** Adds one of the things that the rules know; it comes in beside the water. */
export function AddToYard({ job, report, onAdded }: AddToYardProps) {
  const { canWrite, put } = useYardEditor();
  const [kind, setKind] = useState<Kind>('receptacle');
  return (
    <div className={classes['type']}>
      <ChoiceField
        label="Add beside the water"
        value={kind}
        choices={CHOICES}
        disabled={!canWrite}
        onChoose={setKind}
      />
      <Button
        variant="default"
        disabled={!canWrite}
        onClick={() => {
          const item = fresh(kind, crypto.randomUUID(), report, job);
          if (put(item, `Add ${item.item.name}`) === undefined) onAdded(item.item.id);
        }}
      >
        Add it
      </Button>
    </div>
  );
}
