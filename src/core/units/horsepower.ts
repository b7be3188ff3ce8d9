/** Horsepower as tables write it: "1-1/2" is 1.5, "3/4" is 0.75. */
export const horsepowerOf = (text: string): number =>
  text.split('-').reduce((sum, part) => {
    const [over = '0', under = '1'] = part.split('/');
    return sum + Number(over) / Number(under);
  }, 0);
