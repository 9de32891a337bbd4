import { newId } from './new-id';

test('ids have the usual form and never repeat, without the secure half of the browser’s crypto', () => {
  const made = Array.from({ length: 500 }, newId);
  for (const id of made)
    expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-4[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
  expect(new Set(made).size).toBe(500);
});
