import { useMemo } from 'react';
import { editing } from './lazyParts';
import { useAppDispatch } from './store';

/** The ways back and forth through the edits of the open job. */
export function useHistory() {
  const dispatch = useAppDispatch();
  return useMemo(
    () => ({
      undo: (): void => {
        const by = editing.now();
        if (by !== undefined) dispatch(by.undo());
      },
      redo: (): void => {
        const by = editing.now();
        if (by !== undefined) dispatch(by.redo());
      },
    }),
    [dispatch],
  );
}
