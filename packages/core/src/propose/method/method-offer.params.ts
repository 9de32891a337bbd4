/** How far the way of making is changed to come nearer to what is asked. @source assumed: what a cook would try without another recipe */
export const offerSteps = {
  /** min that a pot is boiled down for, or longer. */
  boilDown: [5, 10],
  /** cm of the pan where none was said. */
  panCm: 20,
  /** °C by which it is served warmer or cooler, and the range within which a sauce is eaten warm. */
  serve: [-8, -4, 4, 8],
  warmest: 80,
  coolest: 45,
  /** °C from which a pot has been cooked, so that it can be boiled down and something sour can wait for the heat to end. */
  heatedC: 60,
  /** s of the blade more. */
  blend: [30, 60],
  /** min of a soak in water poured on boiling. */
  soakMinutes: 45,
  /** °C/min at which protein is heated gently. */
  gentleRate: 3,
  /** Share by which the sum of what is missed must fall to be worth a line, and curdling (0..1) that is worth one by itself. */
  worth: 0.12,
  curdling: 0.08,
  /** Most that are shown. */
  most: 4,
} as const;
