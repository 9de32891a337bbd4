import type { Parting, TakenPart } from '../../ingredient/handling.js';

type Columns = readonly [ids: readonly string[], way: Parting, share: number, cv: number];

/**
 * Edible share by larder id, for a thing weighed as it was bought; @source kitchen physics 10, S-15: P where a trade publishes it, else E; CV 0.05
 * for what is peeled, 0.15 for what is pressed, 0.4 for herbs. Cans: drained over net weight.
 */
const columns: readonly Columns[] = [
  [['onion', 'onion-roasted'], 'trim', 0.9, 0.05],
  [['shallot'], 'trim', 0.86, 0.06],
  [['garlic', 'garlic-roasted'], 'trim', 0.87, 0.05],
  [['leek'], 'trim', 0.8, 0.08],
  [['carrot', 'carrot-roasted'], 'trim', 0.85, 0.05],
  [['potato', 'potato-boiled', 'sweet-potato'], 'trim', 0.84, 0.05],
  [['squash', 'squash-roasted'], 'trim', 0.8, 0.06],
  [['cauliflower', 'cauliflower-roasted'], 'trim', 0.62, 0.1],
  [['broccoli'], 'trim', 0.7, 0.08],
  [['red-pepper', 'red-pepper-roasted'], 'trim', 0.83, 0.05],
  [['aubergine', 'aubergine-roasted'], 'trim', 0.96, 0.03],
  [['courgette'], 'trim', 0.95, 0.03],
  [['tomato-fresh'], 'trim', 0.68, 0.08],
  [['celery'], 'trim', 0.78, 0.07],
  [['fennel'], 'trim', 0.8, 0.07],
  [['celeriac'], 'trim', 0.76, 0.07],
  [['parsnip', 'turnip', 'swede'], 'trim', 0.82, 0.06],
  [['beetroot'], 'trim', 0.85, 0.06],
  [['jerusalem-artichoke'], 'trim', 0.75, 0.1],
  [['mushroom', 'mushroom-roasted'], 'trim', 0.96, 0.03],
  [['spinach'], 'trim', 0.88, 0.06],
  [['kale'], 'trim', 0.66, 0.1],
  [['avocado'], 'trim', 0.7, 0.08],
  [['green-pea'], 'trim', 0.38, 0.12],
  [['olives'], 'trim', 0.77, 0.06],
  [['walnut'], 'trim', 0.45, 0.1],
  [['hazelnut', 'almond'], 'trim', 0.42, 0.1],
  [['parsley-fresh', 'basil-fresh', 'dill-fresh'], 'pluck', 0.6, 0.2],
  [['chives-fresh'], 'pluck', 0.95, 0.03],
  [['coriander-fresh', 'mint-fresh', 'tarragon-fresh', 'oregano-fresh', 'sage-fresh'], 'pluck', 0.6, 0.2],
  [['thyme-fresh', 'rosemary-fresh'], 'pluck', 0.7, 0.2],
  [['ginger-fresh', 'turmeric-fresh'], 'trim', 0.86, 0.05],
  [['chilli-fresh'], 'trim', 0.82, 0.08],
  [['spring-onion'], 'trim', 0.85, 0.06],
  [['asparagus'], 'trim', 0.68, 0.08],
  [['maize-kernel'], 'trim', 0.56, 0.12],
  [['lemon-juice'], 'juice', 0.38, 0.15],
  [['lime-juice', 'orange-juice'], 'juice', 0.42, 0.15],
  [['chickpea-canned', 'chickpea-boiled', 'white-bean-canned', 'white-bean-boiled', 'butter-bean-boiled', 'kidney-bean-boiled', 'green-lentil-boiled', 'black-bean-boiled', 'pinto-bean-boiled', 'brown-lentil-boiled', 'adzuki-boiled'], 'drain', 0.6, 0.05],
  [['tomato-canned'], 'drain', 0.63, 0.08],
  [['olives'], 'drain', 0.5, 0.08],
  [['capers'], 'drain', 0.55, 0.1],
];

export const partRows: Readonly<Record<string, Partial<Record<Parting, TakenPart>>>> = columns.reduce<
  Record<string, Partial<Record<Parting, TakenPart>>>
>((rows, [ids, way, share, cv]) => {
  for (const id of ids) rows[id] = { ...rows[id], [way]: { share, cv, source: 'S-15' } };
  return rows;
}, {});
