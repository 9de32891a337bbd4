/** Logistic function, 0..1; every threshold of the model is one of these, so that nothing jumps. */
export const logistic = (x: number): number => 1 / (1 + Math.exp(-x));

/** Softplus of width `w`: max(x, 0) with a rounded corner; never negative. */
export const softplus = (x: number, w: number): number => {
  const y = x / w;
  return y > 30 ? x : w * Math.log1p(Math.exp(y));
};
