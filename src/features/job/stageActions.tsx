import { createContext, useContext } from 'react';
import type { HelpId } from '../../core/wording/help';
import type { StageName } from './stages';

/** What may open over the stage. */
export type DialogName =
  | 'add'
  | 'job'
  | 'edition'
  | 'practices'
  | 'amendments'
  | 'keys'
  | 'list'
  | 'palette'
  | 'wiring'
  | 'options'
  | 'schedule'
  | 'plugs'
  | `help ${HelpId}`;

/** What any part of the stage may ask for. */
export interface StageActions {
  readonly open: (dialog: DialogName) => void;
  /** Goes to a circuit: to what is shown of it now, to its figures, or to its route. */
  readonly goTo: (circuitId: string, part?: 'figures' | 'route') => void;
  readonly openSheet: (circuitId: string) => void;
  /** The whole job on paper. */
  readonly printJob: () => void;
  readonly openStage: (stage: StageName) => void;
  readonly leave: () => void;
}

const nothing = (): void => undefined;

const StageActionsContext = createContext<StageActions>({
  open: nothing,
  goTo: nothing,
  openSheet: nothing,
  printJob: nothing,
  openStage: nothing,
  leave: nothing,
});

export const StageActionsProvider = StageActionsContext.Provider;

/** The actions of the stage around this part. */
export const useStageActions = (): StageActions => useContext(StageActionsContext);
