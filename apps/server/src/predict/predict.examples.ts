/** Requests as they are shown beside the route: a pot in flat words, and the same with what is done, first to last. */
export const predictExamples = {
  flat: {
    summary: 'In flat words: one heating, one blade',
    value: {
      lines: [
        { ingredient: 'cashew', amount: 100, unit: 'g', preparation: 'soaked' },
        { ingredient: 'water', amount: 300, unit: 'ml' },
        { ingredient: 'lemon-juice', amount: 1, unit: 'tbsp', stage: 'end' },
      ],
      process: { maxTemperatureC: 90, holdMin: 5, blenderPower: 0.9, blendSeconds: 90 },
      serve: { temperatureC: 60 },
    },
  },
  method: {
    summary: 'With its method: lines go in where an operation names their ids',
    value: {
      lines: [
        {
          id: 'nuts',
          ingredient: 'cashew',
          amount: 100,
          unit: 'g',
          ready: [{ kind: 'soak', minutes: 30, pour: 'boiling' }],
          weighed: 'before',
        },
        { id: 'water', ingredient: 'water', amount: 300, unit: 'ml' },
        { id: 'lemon', ingredient: 'lemon-juice', amount: 1, unit: 'tbsp' },
        { id: 'parsley', ingredient: 'parsley-fresh', amount: 8, unit: 'g' },
      ],
      method: [
        { kind: 'put-in', lines: ['nuts', 'water'] },
        { kind: 'blend', tool: 'strong-jug', seconds: 90 },
        { kind: 'heat', temperatureC: 90, minutes: 5, rateCPerMin: 5 },
        { kind: 'boil-down', minutes: 4, panCm: 20, vigour: 'simmer' },
        { kind: 'put-in', lines: ['lemon'] },
        { kind: 'stir-in', lines: ['parsley'] },
      ],
      serve: { temperatureC: 60 },
    },
  },
} as const;
