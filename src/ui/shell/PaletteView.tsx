import '@mantine/spotlight/styles.css';
import { createSpotlight, Spotlight, type SpotlightActionData } from '@mantine/spotlight';
import { useEffect } from 'react';

/** One thing that can be done or gone to. */
export interface PaletteAct {
  readonly id: string;
  readonly label: string;
  readonly act: () => void;
  readonly description?: string;
  /** Other words by which it is found. */
  readonly keywords?: readonly string[];
}

interface PaletteViewProps {
  readonly acts: readonly PaletteAct[];
  readonly placeholder: string;
  readonly onClose: () => void;
}

const [store, palette] = createSpotlight();

const spotlightAction = (
  { id, label, act, description, keywords }: PaletteAct,
  close: () => void,
): SpotlightActionData => ({
  id,
  label,
  // Closed by the same stroke: the next key belongs to the stage already.
  onClick: () => {
    close();
    act();
  },
  ...(description !== undefined && { description }),
  ...(keywords !== undefined && { keywords: [...keywords] }),
});

/** Everything that can be done or gone to, by typing a part of its name. */
export function PaletteView({ acts, placeholder, onClose }: PaletteViewProps) {
  useEffect(() => {
    palette.open();
  }, []);
  return (
    <Spotlight
      store={store}
      onSpotlightClose={onClose}
      closeOnActionTrigger
      actions={acts.map((act) => spotlightAction(act, onClose))}
      overlayProps={{ backgroundOpacity: 0.3, blur: 0 }}
      shortcut={null}
      limit={12}
      scrollable
      maxHeight={420}
      nothingFound="Nothing by that name"
      searchProps={{ placeholder, 'aria-label': 'Find' }}
    />
  );
}
