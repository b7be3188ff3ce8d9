import type { Panel } from './panelSchema';

/** A fact of a panel that was not looked at yet. */
export type PanelUnknown =
  | 'main'
  | 'bus'
  | 'tandems'
  | 'listings'
  | 'terminals'
  | 'neutrals'
  | 'interrupting'
  | 'knockouts'
  | 'circuits'
  | 'openings';

/** What is still unknown of a panel, in the order in which it blocks the work. */
export function panelUnknowns(panel: Panel): readonly PanelUnknown[] {
  const missing: readonly (readonly [PanelUnknown, boolean])[] = [
    ['circuits', panel.breakers.length === 0],
    ['main', panel.mainA === null],
    ['bus', panel.busA === null],
    ['tandems', panel.tandems === null],
    ['listings', panel.listings.length === 0],
    ['neutrals', panel.neutrals === null],
    ['terminals', panel.terminalC === null],
    ['interrupting', panel.interruptingKA === null],
    ['knockouts', panel.knockouts === null],
    ['openings', panel.openings === null],
  ];
  return missing.flatMap(([unknown, is]) => (is ? [unknown] : []));
}
