import { useNavigate } from 'react-router';
import { figureOf, segmentIndex, type Subject } from '../../core/findings/subject';
import type { Lack } from '../../core/packet/packetLacks';
import { figureChosen, segmentChosen } from '../../store/focusSlice';
import { useAppDispatch } from '../../store/store';
import { stagePath } from './stages';

/** The view in which something is mended, answered or entered. */
function placeOf(jobId: string, subject: Subject): string {
  switch (subject.kind) {
    case 'circuit':
    case 'segment':
    case 'station':
      return `/jobs/${jobId}/${subject.circuitId}${figureOf(subject) === undefined ? '?part=route' : ''}`;
    case 'check':
      return `${stagePath(jobId, 'checks')}?circuit=${subject.circuitId}`;
    case 'panel':
      return stagePath(jobId, 'panel');
    case 'water':
    case 'yard':
      return stagePath(jobId, 'water');
    case 'service':
      return stagePath(jobId, 'service');
    case 'day':
      return stagePath(jobId, 'days');
    case 'job':
      return stagePath(jobId, 'survey');
  }
}

/** Goes to where what a packet lacks is put right. */
export function useJump(jobId: string): (lack: Lack) => void {
  const navigate = useNavigate();
  const dispatch = useAppDispatch();
  return (lack) => {
    switch (lack.kind) {
      case 'finding': {
        const { subject } = lack.finding;
        const [figureKey, segment] = [figureOf(subject), segmentIndex(subject) ?? null];
        if (figureKey !== undefined) dispatch(figureChosen({ figureKey, segment }));
        else if (segment !== null) dispatch(segmentChosen(segment));
        void navigate(placeOf(jobId, subject));
        return;
      }
      case 'photo':
        void navigate(
          lack.of === 'circuit'
            ? `${stagePath(jobId, 'checks')}?circuit=${lack.id}`
            : `${stagePath(jobId, 'water')}/walk`,
        );
        return;
      case 'authority':
      case 'permit':
        void navigate(stagePath(jobId, 'survey'));
    }
  };
}
