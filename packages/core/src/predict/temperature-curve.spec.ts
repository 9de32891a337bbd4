import { assemble } from './assemble/assemble.js';
import { potOf } from '../larder/pot-of.js';
import { CURVE_RANGE, plainCurve, temperatureCurve } from './temperature-curve.js';

const boiled = { maxTemperatureC: 95, holdMin: 4, blenderPower: 0.6, blendSeconds: 60 };
const cornSauce = assemble(
  potOf(
    [
      ['oat-drink', 400],
      ['corn-starch', 20],
      ['sunflower-oil', 30],
    ],
    boiled,
  ),
);
const at = (curve: ReturnType<typeof plainCurve>, tC: number) => {
  const point = curve.find(({ temperatureC }) => temperatureC === tC);
  if (!point) throw new Error(`no point at ${tC} °C`);
  return point;
};

test('it runs from the fridge to the boil in even steps', () => {
  const curve = temperatureCurve(cornSauce, 'cool', 0);
  expect(curve[0]?.temperatureC).toBe(CURVE_RANGE.from);
  expect(curve[curve.length - 1]?.temperatureC).toBe(CURVE_RANGE.to);
  curve.slice(1).forEach((point, i) => {
    expect(point.temperatureC - (curve[i]?.temperatureC ?? 0)).toBe(CURVE_RANGE.step);
  });
});

test('a starch sauce thickens as it cools, and never by a jump', () => {
  const curve = plainCurve(cornSauce, 'cool', 0);
  curve.slice(1).forEach((point, i) => {
    const colder = curve[i]?.viscosity.mid ?? 0;
    expect(point.viscosity.mid).toBeLessThan(colder);
    expect(colder / point.viscosity.mid).toBeLessThan(1.6);
  });
});

test('the band holds the curve, and the doubt in between lies between that of its ends', () => {
  const plain = plainCurve(cornSauce, 'cool', 0);
  const widths = temperatureCurve(cornSauce, 'cool', 0).map(({ viscosity, temperatureC }) => {
    expect(viscosity.mid).toBeCloseTo(at(plain, temperatureC).viscosity.mid, 9);
    expect(viscosity.low).toBeLessThan(viscosity.mid);
    expect(viscosity.high).toBeGreaterThan(viscosity.mid);
    return Math.log(viscosity.high / viscosity.low);
  });
  const knots = [widths[0], widths[9], widths[widths.length - 1]] as number[];
  for (const width of widths) {
    expect(width).toBeGreaterThan(Math.min(...knots) - 1e-9);
    expect(width).toBeLessThan(Math.max(...knots) + 1e-9);
  }
});

test('a width that is known already hardly changes what is drawn', () => {
  const whole = temperatureCurve(cornSauce, 'cool', 0);
  const served = at(whole, 50);
  const spared = temperatureCurve(cornSauce, 'cool', 0, undefined, {
    temperature: 50,
    viscosity: Math.log(served.viscosity.high / served.viscosity.mid) / 1.2816,
  });
  spared.forEach((point, i) => {
    const there = whole[i]?.viscosity;
    expect(point.viscosity.high / (there?.high ?? 0)).toBeCloseTo(1, 2);
  });
});

test('a night in the fridge sets a maize sauce, most where it is cold; hot it flows again', () => {
  const fresh = plainCurve(cornSauce, 'cool', 0),
    cold = plainCurve(cornSauce, 'fridge', 1);
  const firmer = (tC: number) => at(cold, tC).viscosity.mid / at(fresh, tC).viscosity.mid;
  expect(firmer(5)).toBeGreaterThan(1);
  expect(firmer(5)).toBeGreaterThan(firmer(80));
  expect(at(plainCurve(cornSauce, 'fridge', 4), 5).viscosity.mid).toBeGreaterThanOrEqual(
    at(cold, 5).viscosity.mid,
  );
});

test('water stays water: thinner when hot, by the factor the tables give', () => {
  const water = plainCurve(assemble(potOf([['water', 200]])), 'cool', 0);
  expect(at(water, 20).viscosity.mid).toBeCloseTo(1, 0);
  expect(at(water, 20).viscosity.mid / at(water, 80).viscosity.mid).toBeCloseTo(2.83, 0);
  expect(at(water, 20).yieldStress).toBeLessThan(0.01);
});
