import { createSpotlight } from '@mantine/spotlight';

/** The palette of this stage: one store, opened from the bar and by keys. */
const [store, palette] = createSpotlight();

export const paletteStore = store;

/** Opens the palette. */
export const openPalette = (): void => {
  palette.open();
};
