import { createContext, useContext } from 'react';

/** What may open over the stage. */
export type DialogName = 'add' | 'job' | 'keys' | 'list' | 'palette';

/** What any part of the stage may ask for. */
export interface StageActions {
  readonly open: (dialog: DialogName) => void;
  readonly goTo: (circuitId: string) => void;
  readonly openSheet: (circuitId: string) => void;
  readonly leave: () => void;
}

const nothing = (): void => undefined;

const StageActionsContext = createContext<StageActions>({
  open: nothing,
  goTo: nothing,
  openSheet: nothing,
  leave: nothing,
});

export const StageActionsProvider = StageActionsContext.Provider;

/** The actions of the stage around this part. */
export const useStageActions = (): StageActions => useContext(StageActionsContext);
