import { createContext, useContext } from 'react';

/** What any part of the stage may ask for. */
export interface StageActions {
  readonly add: () => void;
  readonly openSettings: () => void;
  readonly openHelp: () => void;
  readonly openList: () => void;
  readonly goTo: (circuitId: string) => void;
  readonly openSheet: (circuitId: string) => void;
  readonly leave: () => void;
}

const nothing = (): void => undefined;

const StageActionsContext = createContext<StageActions>({
  add: nothing,
  openSettings: nothing,
  openHelp: nothing,
  openList: nothing,
  goTo: nothing,
  openSheet: nothing,
  leave: nothing,
});

export const StageActionsProvider = StageActionsContext.Provider;

/** The actions of the stage around this part. */
export const useStageActions = (): StageActions => useContext(StageActionsContext);
