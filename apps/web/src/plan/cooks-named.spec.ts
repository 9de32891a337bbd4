import { cookChanged, cooksCounted, cooksShown } from './cooks-named';

const evening = { serveAt: 1140, burners: 2, ovens: 1, blenders: 1, cooks: 2, keepWarmMin: 20 };
const named = { ...evening, named: [{ name: 'Ilva' }, { name: 'Teo', from: 1080 }] };

test('naming one names all, so that everybody can be given something', () => {
  expect(cookChanged(evening, 1, { name: ' Teo ' })).toMatchObject({
    cooks: 2,
    named: [{ name: 'Cook 1' }, { name: 'Teo' }],
  });
});

test('a name that another has, or none, changes nothing', () => {
  expect(cookChanged(named, 1, { name: 'Ilva' })).toBe(named);
  expect(cookChanged(named, 1, { name: '  ' })).toBe(named);
});

test('hours are said and taken back', () => {
  expect(cookChanged(named, 0, { to: 1200 }).named?.[0]).toEqual({ name: 'Ilva', to: 1200 });
  expect(cookChanged(named, 1, { from: undefined }).named?.[1]).toEqual({ name: 'Teo' });
});

test('one more or fewer keeps who was named; nobody is called twice', () => {
  expect(cooksCounted(named, 1).named).toEqual([{ name: 'Ilva' }]);
  expect(cooksCounted({ ...named, named: [{ name: 'Cook 2' }] }, 2).named).toEqual([
    { name: 'Cook 2' },
    { name: 'Cook 3' },
  ]);
  expect(cooksCounted(evening, 3)).toEqual({ cooks: 3, named: [] });
  expect(cooksShown(evening).map(({ name }) => name)).toEqual(['Cook 1', 'Cook 2']);
});
