// In the place of the reader of PNG that the writer of PDF asks for: every picture comes to it as a JPEG.
export const decode = (): never => {
  throw new Error('A picture that is no JPEG.');
};
