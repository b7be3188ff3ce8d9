declare module 'subset-font' {
  /** Cuts a font to the signs of a text; a variable one at the weight that is named. */
  const subsetFont: (
    font: Buffer,
    text: string,
    options: { readonly targetFormat: 'truetype'; readonly variationAxes?: Readonly<Record<string, number>> },
  ) => Promise<Buffer>;
  export { subsetFont as default };
}
