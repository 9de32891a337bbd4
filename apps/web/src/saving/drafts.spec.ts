import { blankFormula } from '@alterum/core';
import { formulaBodyOf } from '@alterum/contract/convert';
import { dropDraft, findDraft, keepDraft } from './drafts';

const draft = { base: 3, content: formulaBodyOf({ ...blankFormula, name: 'Not sent yet' }) };
beforeEach(() => localStorage.clear());

test('a draft is kept for its formula alone, and dropped once saved', async () => {
  await keepDraft('one', draft);
  expect(await findDraft('one')).toEqual(draft);
  expect(await findDraft('two')).toBeUndefined();
  await dropDraft('one');
  expect(await findDraft('one')).toBeUndefined();
});

test('a draft of another tab that may still be open is left to it', async () => {
  localStorage.setItem('alterum.draft.one.some-other-tab', JSON.stringify(draft));
  expect(await findDraft('one')).toBeUndefined();
  expect(localStorage.getItem('alterum.draft.one.some-other-tab')).not.toBeNull();
});

test('what cannot be read as a draft is passed over', async () => {
  await keepDraft('one', draft);
  const key = Object.keys(localStorage).find((name) => name.startsWith('alterum.draft.one.')) ?? '';
  for (const broken of ['{', '{"base":1}', '"text"']) {
    localStorage.setItem(key, broken);
    expect(await findDraft('one')).toBeUndefined();
  }
});
