import { createSpotlight } from '@mantine/spotlight';

/** The palette of this stage: one store, opened from the bar and by keys. */
export const [paletteStore, palette] = createSpotlight();

/** Opens the palette. */
export const openPalette = (): void => {
  palette.open();
};
