import { useState } from 'react';
import { isDoesNotFit, movedPiece } from '../../core/takeoff/keptBars';
import type { Job } from '../../core/job/jobSchema';
import type { PricedLine } from '../../core/takeoff/pricedTakeoff';
import { itemName } from '../../core/wording/itemWords';
import { doesNotFit } from '../../core/wording/takeoffWords';
import { useJobEditor } from '../../store/useJobEditor';
import type { CutHand } from '../../ui/pictures/cuts/CutPicture';

/** Moving pieces of the chosen line by hand, and why the last one did not go. */
export function useHand(
  job: Job,
  priced: PricedLine | undefined,
): { readonly hand: CutHand | null; readonly refused: string | null } {
  const { canWrite, edit } = useJobEditor();
  const [refused, setRefused] = useState<string | null>(null);
  if (!canWrite || priced?.cuts === undefined) return { hand: null, refused: null };
  const { line, cuts } = priced;
  const onMove: CutHand['onMove'] = (pieceId, { at }) => {
    const piece = line.pieces.find(({ id }) => id === pieceId);
    const to = cuts.plan.bars[at];
    if (piece === undefined || to === undefined) return;
    const kept = movedPiece(line.key, piece, to, job.materials.kept);
    setRefused(isDoesNotFit(kept) ? doesNotFit(kept) : null);
    if (!isDoesNotFit(kept) && kept !== job.materials.kept)
      edit(
        { kind: 'change', part: 'materials', fields: { kept: [...kept] } },
        `By hand: ${itemName(line.item)}`,
      );
  };
  return { hand: { onMove }, refused };
}
