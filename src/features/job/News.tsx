import { refusalWords } from '../../core/wording/refusals';
import { newsRead, type News as NewsState } from '../../store/newsSlice';
import { useAppDispatch } from '../../store/store';
import { Notice } from '../../ui/shell/Notice';

/** What a computation is for. */
const TASK_NAME: Readonly<Record<string, string>> = {
  alternatives: 'The options of this circuit',
  cuts: 'The cut list',
  days: 'The days',
  demand: 'The record of demand',
  diagnosis: 'The diagnosis',
  field: 'The touch voltage',
  freeSpace: 'Room in the panel',
  ladder: 'The ladder of bonds',
  packet: 'The PDF',
  quote: 'The quote',
  schedule: 'The schedule',
};

/** What was not taken, dropped, or taken over by itself. */
export function News({ news: { refusal, dropped, failed, tookOver } }: { readonly news: NewsState }) {
  const dispatch = useAppDispatch();
  const close = {
    label: 'Close',
    act: () => {
      dispatch(newsRead());
    },
  };
  if (refusal !== null)
    return (
      <Notice severity="stop" acts={[close]}>
        {refusalWords(refusal)}
      </Notice>
    );
  if (dropped !== null)
    return (
      <Notice severity="check" acts={[close]}>
        {dropped}: its place is gone, so the result was dropped. Nothing else was changed.
      </Notice>
    );
  if (failed !== null)
    return (
      <Notice severity="check" acts={[close]}>
        {TASK_NAME[failed] ?? 'A computation'} could not be worked out. What is shown is as before; an edit
        tries again.
      </Notice>
    );
  return tookOver ? (
    <Notice severity="ok" acts={[close]}>
      The other tab was closed: this one writes the job now.
    </Notice>
  ) : null;
}
