import { anotherFamily } from './another-family.js';
import { formulaWith } from './formula.fixture.js';
import { usualServe } from './usual-serve.params.js';
import { applyStep } from './step.js';

test('a sauce that becomes a spread is served from the fridge, and a dressing cold; what the cook set stays', () => {
  const sauce = formulaWith([['cashew', 100]], { serve: usualServe['pouring-sauce'] });
  const spread = anotherFamily(sauce, 'tangy-spread');
  expect(spread.served).toEqual(usualServe['tangy-spread']);
  const taken = applyStep(sauce, { step: 'several', steps: spread.steps });
  if (taken.kind !== 'applied') throw new Error(taken.kind);
  expect(taken.formula).toMatchObject({
    family: 'tangy-spread',
    serve: { temperatureC: 8, storage: 'fridge' },
  });
  expect(applyStep(taken.formula, taken.inverse)).toMatchObject({ formula: sauce });
  const own = { ...sauce, serve: { temperatureC: 72, storage: 'cool', days: 0 } as const };
  expect(anotherFamily(own, 'dip').served).toBeUndefined();
  expect(anotherFamily(sauce, 'baked-topping').served).toBeUndefined();
});
