import type { AllergenId } from '../../allergen/allergen.js';
import type { Ingredient } from '../../ingredient/ingredient.js';
import { ingredientById } from '../../larder/catalog/larder-table.js';
import { readLabel as label } from '../portion/pack-label.fixture.js';
import type { PortionLine } from '../portion/portion.js';
import { whoCanEat } from '../who-can-eat.js';
import { cliniciansQuestions } from './cross-reaction.js';
import type { Need, Strictness } from './need.js';
import { ruleLimits } from './rule.params.js';

const known = (id: string): Ingredient => ingredientById(id)!;
/** Something of the cook’s own of which nothing is said but what is given. */
const own = (more: Partial<Ingredient> = {}): Ingredient => ({
  ...known('cashew-butter'),
  id: 'own',
  name: 'Own Spread',
  contains: [],
  askFor: [],
  guessed: ['protein'],
  likened: false,
  ...more,
});
const line = (ingredient: Ingredient, more: Partial<PortionLine> = {}): PortionLine => ({
  id: 'l',
  ingredient,
  named: ingredient.name,
  gramsPerPortion: 50,
  ...more,
});
const allergen = (which: AllergenId, strictness: Strictness = 'allergy', traces = false): Need => ({
  kind: 'allergen',
  allergen: which,
  strictness,
  traces,
});
const avoids = (ingredient: string, strictness: Strictness = 'allergy'): Need => ({
  kind: 'ingredient',
  ingredient,
  strictness,
});
const judge = (need: Need, ...lines: readonly PortionLine[]) =>
  whoCanEat({ id: 'e', name: 'E', eatsTonight: true, needs: [need] }, { lines, salt: { mid: 0, high: 0 } });
const says = (need: Need, ...lines: readonly PortionLine[]) => {
  const { verdict, findings } = judge(need, ...lines);
  return [verdict, findings[0]?.reason ?? ''];
};

describe('something of the house that somebody avoids', () => {
  const spread = { name: 'Own Spread', contains: known('cashew').contains } as const;
  const forgotten = (strictness: Strictness): Need => avoids('own', strictness),
    need = (strictness: Strictness): Need => ({ ...avoids('own', strictness), what: spread }) as Need;

  test('it is found in the pot, and asked for where another thing holds what it holds', () => {
    expect(says(need('allergy'), line(own()))).toEqual(['does-not', 'own spread']);
    expect(says(need('allergy'), line(known('cashew')))).toEqual([
      'ask',
      'cashew nuts holds what own spread holds: ask whether it counts too',
    ]);
    expect(says(need('allergy'), line(known('potato')))).toEqual(['fits', '']);
  });

  test.each(['allergy', 'intolerance'] as const)(
    'what nobody knows any more may be in anything: %s asks',
    (strictness) => {
      const { verdict, findings } = judge(forgotten(strictness), line(known('potato')));
      expect(verdict).toBe('ask');
      expect(findings).toHaveLength(1);
      expect(findings[0]?.reason).toBe(
        'something they avoid is no longer in the larder, so what else holds it is not known',
      );
      const named = { ...forgotten(strictness), what: { name: 'Own Spread' } } as Need;
      expect(says(named, line(known('potato')))).toEqual([
        'ask',
        'own spread is no longer in the larder, so what else holds it is not known',
      ]);
      expect(says(named, line(own()))).toEqual(['does-not', 'own spread']);
    },
  );

  test.each(['diet', 'dislike'] as const)('whoever avoids it by %s is asked nothing', (strictness) => {
    expect(says(forgotten(strictness), line(known('potato')))).toEqual(['fits', '']);
  });
});

describe('an allergen and what is written of a thing', () => {
  test('a dislike of a kind is the cook’s to weigh, and asks for nothing that is only perhaps there', () => {
    expect(says(allergen('tree-nut', 'dislike'), line(known('cashew')))).toEqual([
      'ask',
      'dislikes tree nuts: cashew nuts',
    ]);
    expect(judge(allergen('tree-nut', 'dislike'), line(known('pumpkin-seed'))).verdict).toBe('fits');
    expect(judge(allergen('milk', 'dislike'), line(own())).verdict).toBe('fits');
  });

  test('of an own thing of which nothing is said one asks, unless its label is a whole list', () => {
    const milk = allergen('milk');
    expect(says(milk, line(own()))).toEqual([
      'ask',
      'no allergens were written down for own spread: read its label',
    ]);
    expect(judge(milk, line(own({ contains: ['soya'] }))).verdict).toBe('fits');
    expect(judge(milk, line(own(), { label: label() })).verdict).toBe('fits');
    expect(says(milk, line(own(), { label: label({ isList: false }) }))[1]).toContain('is no list');
    const findings = judge(milk, line(own({ contains: ['milk'] }))).findings;
    expect(findings[0]!.chain).toContain('what was written down for it');
    expect(judge(allergen('tree-nut'), line(known('cashew'))).findings[0]!.chain.at(-1)).toContain(
      'the generic table of',
    );
  });

  test('an old label is read again, words that nobody understood are asked about, three of them', () => {
    const milk = allergen('milk'),
      rice = known('rice-flour');
    expect(says(milk, line(rice, { label: label({ stale: true }) }))).toEqual([
      'ask',
      'the label of rice flour was read on 2026-10-01: read it again',
    ]);
    const one = says(milk, line(rice, { label: label({ unknown: ['zorb'] }) }));
    expect(one).toEqual(['ask', 'on the label of rice flour “zorb” was not understood: what is it?']);
    const four = says(milk, line(rice, { label: label({ unknown: ['a', 'b', 'c', 'd'] }) }));
    expect(four[1]).toContain('“a”, “b”, “c” were not understood');
    expect(four[1]).not.toContain('“d”');
  });

  test('what a label holds counts; what the table is sure of and a label leaves out is asked about', () => {
    const rice = known('rice-flour'),
      cashew = known('cashew');
    expect(says(allergen('milk'), line(rice, { label: label({ contains: ['cow-milk'] }) }))[0]).toBe(
      'does-not',
    );
    expect(says(allergen('milk'), line(rice, { label: label({ askFor: ['milk'] }) }))).toEqual([
      'ask',
      'rice flour may hold milk: read the label',
    ]);
    expect(
      says(
        allergen('milk', 'allergy', true),
        line(rice, { label: label({ askFor: ['milk'], warns: true }) }),
      )[1],
    ).toContain('traces of milk');
    expect(
      judge(allergen('milk', 'dislike'), line(rice, { label: label({ askFor: ['milk'] }) })).verdict,
    ).toBe('fits');
    const [verdict, reason] = says(
      allergen('cashew'),
      line(cashew, { label: label({ contains: ['soya'] }) }),
    );
    expect([verdict, reason]).toEqual([
      'ask',
      'the table says cashew nuts, this label does not: is it the label of the right pack?',
    ]);
    // A label that names the kind by its group is about the right pack.
    const grouped = judge(allergen('milk'), line(cashew, { label: label({ contains: ['tree-nut'] }) }));
    expect(grouped.verdict).toBe('fits');
    const seed = known('pumpkin-seed');
    expect(judge(allergen('tree-nut'), line(seed)).verdict).toBe('ask');
    expect(judge(allergen('tree-nut'), line(seed, { label: label() })).verdict).toBe('fits');
    expect(judge(allergen('tree-nut'), line(seed, { label: label({ unknown: ['zorb'] }) })).verdict).toBe(
      'ask',
    );
  });

  test('lines that are shared ask where traces matter, until a label speaks of traces', () => {
    const agar = known('agar'),
      traces = allergen('fish', 'allergy', true);
    expect(says(traces, line(agar))).toEqual([
      'ask',
      `${agar.name.toLowerCase()} is often packed on lines with fish: read the label for traces`,
    ]);
    expect(judge(allergen('fish'), line(agar)).verdict).toBe('fits');
    expect(says(traces, line(agar, { label: label() }))[1]).toContain('ask the maker');
    expect(judge(traces, line(agar, { label: label({ warns: true }) })).verdict).toBe('fits');
    expect(judge(traces, line(agar, { label: label({ warns: true, stale: true }) })).verdict).toBe('ask');
    expect(judge(allergen('fish', 'dislike', true), line(agar)).verdict).toBe('fits');
  });
});

describe('one ingredient', () => {
  test('itself, its kin, and what may hold anything', () => {
    const garlic = avoids('garlic');
    expect(says(garlic, line(known('garlic')))).toEqual(['does-not', 'garlic']);
    expect(says(garlic, line(known('onion')))).toEqual([
      'ask',
      'onion holds what garlic holds: ask whether it counts too',
    ]);
    expect(judge(avoids('garlic', 'diet'), line(known('onion'))).verdict).toBe('fits');
    expect(judge(garlic, line(known('carrot'))).verdict).toBe('fits');
    expect(says(garlic, line(own({ like: 'garlic', likened: true })))[1]).toBe(
      'own spread was written down as a kind of garlic',
    );
    expect(says(garlic, line(own()))[1]).toContain('whether there is garlic in own spread is not known');
    expect(judge(avoids('garlic', 'diet'), line(own())).verdict).toBe('fits');
    // A whole list tells of onion and garlic; of carrot, which is no allergen, it tells nothing.
    expect(judge(garlic, line(own(), { label: label() })).verdict).toBe('fits');
    expect(judge(avoids('carrot'), line(own(), { label: label() })).verdict).toBe('ask');
    expect(says(avoids('never-heard-of'), line(own()))[1]).toContain('whether there is never-heard-of in');
    expect(judge(garlic, line(known('carrot'), { label: label({ contains: ['allium'] }) })).verdict).toBe(
      'ask',
    );
  });

  test('a dislike counts from what can be tasted, over all lines, and where nobody knows how much', () => {
    const dislike = avoids('garlic', 'dislike'),
      grams = (g: number) => line(known('garlic'), { gramsPerPortion: g });
    expect(judge(dislike, grams(ruleLimits.dislikeTraceG)).verdict).toBe('ask');
    expect(judge(dislike, grams(0.3)).verdict).toBe('fits');
    expect(judge(dislike, grams(0.3), grams(0.3)).verdict).toBe('ask');
    const { gramsPerPortion: _, ...unweighed } = grams(1);
    expect(judge(dislike, grams(0.1), unweighed).verdict).toBe('ask');
    expect(judge(dislike, line(known('carrot'))).verdict).toBe('fits');
    const inside: PortionLine = {
      id: 'sauce',
      ingredient: undefined,
      named: 'White sauce',
      inside: [grams(2)],
    };
    expect(judge(dislike, line(known('carrot')), inside).findings[0]).toMatchObject({
      line: 'sauce',
      reason: 'dislikes garlic',
      chain: ['White sauce', 'Garlic'],
    });
    expect(judge(dislike, grams(2)).findings[0]!.chain).toEqual(['Garlic']);
  });
});

describe('what is tolerated in small amounts', () => {
  const fructans = (gramsPerPortion: number): Need => ({
    kind: 'compound',
    compound: 'fructans',
    gramsPerPortion,
  });
  const onion = (g?: number): PortionLine => {
    const { gramsPerPortion: _, ...rest } = line(known('onion'));
    return g === undefined ? rest : { ...rest, gramsPerPortion: g };
  };

  test('adds up over the lines; more than the limit is no, perhaps more is a question', () => {
    // 2.5 g in 100 g of onion.
    expect(says(fructans(1), onion(60))).toEqual(['does-not', 'about 1.50 g fructans a portion; limit 1 g']);
    expect(judge(fructans(1), onion(30), onion(30)).verdict).toBe('does-not');
    expect(judge(fructans(1.5), onion(60)).verdict).toBe('ask');
    expect(judge(fructans(4), onion(60)).verdict).toBe('fits');
    expect(judge(fructans(1), line(known('carrot'))).verdict).toBe('fits');
    expect(judge(fructans(1), onion(60)).findings[0]!.chain).toEqual(['Onion']);
  });

  test('without a weight one asks, unless there is too much already', () => {
    expect(says(fructans(1), onion())).toEqual(['ask', 'fructans in onion, amount not known']);
    expect(says(fructans(1), onion(60), onion())[0]).toBe('does-not');
    const { gramsPerPortion: _, ...carrot } = line(known('carrot'));
    expect(judge(fructans(1), carrot).verdict).toBe('fits');
  });

  test('an own thing holds what it was likened to, or as much as its figures leave room for; a label can tell of it', () => {
    const lactose: Need = { kind: 'compound', compound: 'lactose', gramsPerPortion: 1 };
    const sweet = (more: Partial<Ingredient>) =>
      own({ per100: { ...known('rice-flour').per100, sugars: 6 }, ...more });
    expect(says(lactose, line(sweet({})))).toEqual([
      'ask',
      'perhaps up to 3.00 g lactose a portion; limit 1 g',
    ]);
    expect(judge(lactose, line(sweet({ like: 'cow-milk', likened: true }))).verdict).toBe('does-not');
    expect(judge(lactose, line(sweet({ like: 'oat-drink', likened: true }))).verdict).toBe('fits');
    expect(judge(lactose, line(sweet({ like: 'cow-milk' }))).verdict).toBe('ask');
    const told = { ...known('rice-flour'), per100: { ...known('rice-flour').per100, sugars: 6 } };
    expect(judge(lactose, line(told)).verdict).toBe('fits');
    expect(judge(lactose, line(told, { label: label({ contains: ['soya', 'milk'] }) })).verdict).toBe('ask');
    expect(judge(lactose, line(told, { label: label({ contains: ['soya'] }) })).verdict).toBe('fits');
    expect(
      judge(lactose, line({ ...told, contains: ['milk'] }, { label: label({ contains: ['milk'] }) })).verdict,
    ).toBe('fits');
  });
});

describe('a rule of the household', () => {
  const rule = (which: Extract<Need, { kind: 'rule' }>['rule']): Need => ({ kind: 'rule', rule: which });
  const oil = rule('no-added-oil');

  test('what was added for certain is no; what may be, or nobody knows, is a question', () => {
    expect(judge(oil, line(known('olive-oil'))).verdict).toBe('does-not');
    expect(judge(oil, line(known('carrot'))).verdict).toBe('fits');
    expect(says(oil, line(known('carrot'), { label: label({ contains: ['added-oil'] }) }))[0]).toBe(
      'does-not',
    );
    expect(says(oil, line(known('carrot'), { label: label({ askFor: ['added-oil'] }) }))[1]).toContain(
      'carrot may hold',
    );
    expect(says(oil, line(own({ askFor: ['added-oil'] })))[0]).toBe('ask');
    expect(judge(oil, line(own({ askFor: ['added-oil'] }), { label: label() })).verdict).toBe('fits');
    expect(
      judge(oil, line(known('carrot'), { label: label({ isList: false, unknown: ['zorb'] }) })).verdict,
    ).toBe('ask');
    expect(judge(oil, line(known('carrot'), { label: label({ isList: false }) })).verdict).toBe('fits');
  });

  test('of an own thing its figures tell: hardly any fat is no oil, fat may be', () => {
    const fat = (g: number, more: Partial<Ingredient> = {}) =>
      line(own({ per100: { ...known('carrot').per100, fat: g }, ...more }));
    expect(judge(oil, fat(0.2)).verdict).toBe('fits');
    expect(says(oil, fat(9))[1]).toContain('is not known: read its label');
    expect(judge(oil, fat(ruleLimits.noneAddedG)).verdict).toBe('ask');
    expect(judge(oil, fat(9, { contains: ['soya'] })).verdict).toBe('fits');
    expect(judge(rule('small-child'), fat(0)).verdict).toBe('ask');
  });

  test('gluten-free asks about shared lines too', () => {
    expect(judge(rule('gluten-free'), line(known('wheat-flour'))).verdict).toBe('does-not');
    expect(says(rule('gluten-free'), line(known('msg')))[1]).toContain('often packed on lines with');
    expect(judge(allergen('gluten', 'intolerance'), line(known('msg'))).verdict).toBe('fits');
  });

  test('whole nuts are no food for a small child; ground they are, and where nobody knows one asks', () => {
    const child = rule('small-child'),
      nut = known('cashew');
    expect(says(child, line(nut, { whole: true }))).toEqual([
      'does-not',
      'cashew nuts in pieces: a choking hazard for a small child',
    ]);
    expect(judge(child, line(nut, { whole: false })).verdict).toBe('fits');
    expect(says(child, line(nut, { preparationUnknown: true }))[1]).toBe(
      'whether cashew nuts stays in pieces is not known',
    );
    expect(judge(child, line(known('carrot'), { whole: true })).verdict).toBe('fits');
    const sized = (particleSizeUm: number, hardness: number): Ingredient => ({
      ...nut,
      behaviour: { ...nut.behaviour, particleSizeUm, hardness },
    });
    const { chokingUm, chokingHardness } = ruleLimits;
    expect(judge(child, line(sized(chokingUm, chokingHardness), { whole: true })).verdict).toBe('does-not');
    expect(judge(child, line(sized(chokingUm - 1, chokingHardness), { whole: true })).verdict).toBe('fits');
    expect(judge(child, line(sized(chokingUm, chokingHardness - 0.01), { whole: true })).verdict).toBe(
      'fits',
    );
    const likely = own({ contains: ['soya'] });
    expect(says(child, line(likely, { whole: true }))[1]).toContain(
      'whether there are hard pieces in own spread',
    );
    expect(judge(child, line({ ...likely, likened: true }, { whole: false })).verdict).toBe('fits');
  });
});

test('a clinician is asked about relatives of an allergy alone, whichever way round the table has them', () => {
  const asks = (...needs: readonly Need[]) =>
    cliniciansQuestions({ id: 'e', name: 'E', eatsTonight: true, needs });
  const cashew = asks(allergen('cashew'));
  expect(cashew.some((one) => one.startsWith('pistachio:'))).toBe(true);
  expect(asks(allergen('pistachio')).some((one) => one.startsWith('cashew:'))).toBe(true);
  expect(cashew.some((one) => one.startsWith('cashew:'))).toBe(false);
  // Who bears none of both has no relative to ask about.
  expect(
    asks(allergen('tree-nut')).some((one) => one.startsWith('pistachio:') || one.startsWith('cashew:')),
  ).toBe(false);
  expect(asks(allergen('cashew', 'intolerance'))).toEqual([]);
  expect(asks(avoids('cashew'))).toEqual([]);
  expect(new Set(cashew).size).toBe(cashew.length);
});
