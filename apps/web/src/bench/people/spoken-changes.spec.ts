import type { EaterView } from '@alterum/contract';
import {
  advance,
  blankFormula,
  type EaterVerdict,
  type FormulaStep,
  startHistory,
  undo,
} from '@alterum/core';
import { changeSpoken, turnedSpoken } from './spoken-changes';

type Bench = Parameters<typeof changeSpoken>[0];
const at = (history: ReturnType<typeof startHistory>): Bench => ({ id: 'a', history }) as unknown as Bench;
const begun = startHistory(blankFormula);
const taken = (step: FormulaStep) => advance(begun, step);

test('an undo, another kind and several changes are said; a single amount is said by its field', () => {
  const renamed = taken({ step: 'rename', name: 'Other' });
  expect(changeSpoken(at(begun), at(renamed))).toBeUndefined();
  expect(changeSpoken(at(renamed), at(undo(renamed)))).toBe('Undone.');
  expect(changeSpoken(at(begun), at(taken({ step: 'set-family', family: 'dip' })))).toBe(
    'It is a creamy dressing or dip now.',
  );
  const several = taken({
    step: 'several',
    steps: [
      { step: 'rename', name: 'Other' },
      { step: 'set-portions', portions: 7 },
    ],
  });
  expect(changeSpoken(at(begun), at(several))).toBe('2 changes are taken.');
});

test('whose verdict has turned is said with the reason, and nobody else', () => {
  const eaters = [{ name: 'Ilva' }, { name: 'Marte' }] as unknown as readonly EaterView[];
  const fits = { verdict: 'fits', findings: [] } as unknown as EaterVerdict;
  const cannot = {
    verdict: 'does-not',
    findings: [{ reason: 'barley in light miso' }],
  } as unknown as EaterVerdict;
  expect(turnedSpoken(eaters, [fits, fits], [fits, cannot])).toBe('Marte: cannot eat, barley in light miso.');
  expect(turnedSpoken(eaters, [fits, cannot], [fits, fits])).toBe('Marte: nothing found against it.');
  expect(turnedSpoken(eaters, [fits, fits], [fits, fits])).toBe('');
});
