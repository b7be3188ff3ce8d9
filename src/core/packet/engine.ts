/** The version of the computation, which a sealed packet names: it grows with every change of a figure or a sentence. */
export const ENGINE = '1.0.0';
