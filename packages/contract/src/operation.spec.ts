import 'reflect-metadata';
import { blankFormula, type Formula, type Method, operationKindIds } from '@alterum/core';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { formulaBodyOf, formulaFromBody, formulaOfContent } from './formula.convert.js';
import { FormulaBody } from './formula.body.js';
import { inputOfMethod, methodOfInput } from './operation.convert.js';
import { operationViews } from './operation.view.js';
import { PredictRequest } from './predict.body.js';

const lines = [{ id: 'a', ingredient: 'water', amount: 100, unit: 'g' as const }];
/** Every message about a pot with this method. */
function messagesOf(method: unknown): readonly string[] {
  const found: string[] = [];
  const walk = (errors: ReturnType<typeof validateSync>) => {
    for (const { constraints = {}, children = [] } of errors) {
      found.push(...Object.values(constraints));
      walk(children);
    }
  };
  walk(validateSync(plainToInstance(PredictRequest, { lines, method })));
  return found;
}

test.each([
  ['a kind that there is not', [{ kind: 'sous-vide' }], /must be one of: put-in/],
  [
    'more degrees than a pot has',
    [{ kind: 'heat', temperatureC: 400 }],
    /“Heat”: temperature must be between -5 and 130 °C/,
  ],
  [
    'a figure of another kind',
    [{ kind: 'heat', seconds: 10 }],
    /“Heat” has no “seconds”. It takes temperatureC/,
  ],
  [
    'a tool that there is not',
    [{ kind: 'blend', tool: 'hammer' }],
    /“Blend”: with must be one of strong-jug/,
  ],
  ['minutes that are a word', [{ kind: 'boil-down', minutes: 'ten' }], /“Boil down”: time must be a number/],
  ['lines that are no list', [{ kind: 'put-in', lines: 'a' }], /go in with “Put in”/],
  ['no list', 'heat it', /The method must be a list of operations/],
  ['more than a method holds', Array(61).fill({ kind: 'rest' }), /at most 60 operations/],
])('%s is refused, and the message names the operation', (_what, method, message) => {
  expect(messagesOf(method).join('\n')).toMatch(message);
});

test('a method goes over the wire and back as it was', () => {
  const method: Method = [
    { kind: 'put-in', lines: ['a'] },
    { kind: 'heat', temperatureC: 90, minutes: 4, lossG: 10 },
    { kind: 'boil-down', minutes: 5, panCm: 22, vigour: 'brisk', lid: 'ajar' },
  ];
  expect(messagesOf(inputOfMethod(method))).toEqual([]);
  expect(methodOfInput(JSON.parse(JSON.stringify(inputOfMethod(method))) as never)).toEqual(method);
});

test('every kind is listed with fields that have a unit, limits, and a usual value inside them', () => {
  const views = operationViews();
  expect(views.map(({ kind }) => kind)).toEqual([...operationKindIds]);
  for (const { figures, choices } of views) {
    for (const { unit, low, high, usual } of figures) {
      expect(unit).not.toBe('');
      expect(low).toBeLessThan(high);
      if (usual !== null) expect(usual >= low && usual <= high).toBe(true);
    }
    for (const { choices: options, usual } of choices) expect(usual === null || usual in options).toBe(true);
  }
});

const complete = (line: { id?: string }) => ({ id: line.id ?? 'x', ingredient: undefined });
const own: Formula = {
  ...(({ writesItself: _written, ...rest }) => rest)(blankFormula),
  lines: [
    {
      id: 'a',
      ingredient: 'cashew',
      amount: { value: 100, unit: 'g' },
      role: 'body',
      preparation: 'as-is',
      stage: 'start',
      ready: [{ kind: 'soak', minutes: 120 }],
      weighed: 'ready',
    },
  ],
  method: [{ kind: 'heat', temperatureC: 80, minutes: 7 }],
};

test('a page from before there were methods writes over nothing it does not know', () => {
  const sent = formulaBodyOf(own);
  const { method: _method, writesItself: _writes, ...old } = sent;
  const oldLines = old.lines.map(({ ready: _ready, weighed: _weighed, ...line }) => line);
  const body = { ...old, note: 'changed there', lines: oldLines } as unknown as FormulaBody;
  const kept = formulaFromBody(body, complete, own);
  expect(kept.method).toEqual(own.method);
  expect(kept.lines[0]).toMatchObject({ ready: own.lines[0]?.ready, weighed: 'ready' });
  expect(kept.note).toBe('changed there');
  // What it changes of the flat words it means.
  const changed = formulaFromBody({ ...body, process: { ...body.process, holdMin: 20 } }, complete, own);
  expect(changed.method).toBeUndefined();
  expect(changed.process).toMatchObject({ maxTemperatureC: 80, holdMin: 20 });
});

test('flat words of a new formula are its method, even where they say what a blank one would; without any it writes itself', () => {
  const said = formulaFromBody({ name: 'A', process: { ...blankFormula.process } }, complete);
  expect(said.writesItself).toBeUndefined();
  expect(said.method).toBeUndefined();
  expect(formulaFromBody({ name: 'B' }, complete).writesItself).toBe(true);
});

test('what is answered reads back as the same formula', () => {
  expect(formulaOfContent(formulaBodyOf(own))).toMatchObject({ method: own.method, lines: own.lines });
  expect(formulaOfContent(formulaBodyOf(blankFormula)).writesItself).toBe(true);
  expect(formulaBodyOf(own).process).toMatchObject({ maxTemperatureC: 80, holdMin: 7 });
});
