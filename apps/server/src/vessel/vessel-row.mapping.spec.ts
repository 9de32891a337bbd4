import { columnsOfVessel } from './vessel-row.mapping.js';

test('a vessel is written down by what its shape has a use for; what else was sent is emptied', () => {
  const sent = { name: ' Blue tin ', depthCm: 6, lengthCm: 30, widthCm: 20, diameterCm: 26 };
  expect(columnsOfVessel({ ...sent, shape: 'rectangular' })).toEqual({
    name: 'Blue tin',
    shape: 'rectangular',
    depthCm: 6,
    lengthCm: 30,
    widthCm: 20,
    diameterCm: null,
  });
  expect(columnsOfVessel({ ...sent, shape: 'round' })).toEqual({
    name: 'Blue tin',
    shape: 'round',
    depthCm: 6,
    lengthCm: null,
    widthCm: null,
    diameterCm: 26,
  });
});
