import { refusalWords } from '../../core/wording/refusals';
import { newsRead, type News as NewsState } from '../../store/newsSlice';
import { useAppDispatch } from '../../store/store';
import { Notice } from '../../ui/shell/Notice';

/** What was not taken, dropped, or taken over by itself. */
export function News({ news: { refusal, dropped, tookOver } }: { readonly news: NewsState }) {
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
  return tookOver ? (
    <Notice severity="ok" acts={[close]}>
      The other tab was closed: this one writes the job now.
    </Notice>
  ) : null;
}
