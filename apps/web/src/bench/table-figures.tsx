import { isEmpty, type PointPrediction, type PredictionFlag } from '@alterum/core';
import { memo, useDeferredValue } from 'react';
import { useBenchPart, usePrediction } from './bench-store';

const flagWords: Readonly<Record<PredictionFlag, string>> = {
  empty: 'Nothing is in the pot yet.',
  'no-water': 'There is hardly any water: this is fried or a paste, and the figures are rough.',
  'boiled-dry': 'More water is boiled off than there is; the pot would burn.',
  dough: 'More thickener than the model knows: it will be a dough, and the figures are capped.',
  'raw-starch':
    'Some starch stays raw and will taste floury: cook hotter or longer. Raw flour is not for eating.',
  'dry-starch-in-hot-liquid': 'Dry starch in hot liquid lumps: stir it into cold liquid first.',
};

/** Flags that only say how rough the figures are; a table spread is meant to hold hardly any water. */
const quietFor = (flag: PredictionFlag, fatty: boolean): boolean => flag === 'no-water' && fatty;

/** Words for a risk between 0 and 1. */
const riskWord = (p: number): string =>
  p < 0.1 ? 'unlikely' : p < 0.35 ? 'possible' : p < 0.7 ? 'likely' : 'almost certain';
const grainWord = (g: number): string => (g < 1.5 ? 'silky' : g < 4 ? 'fine' : g < 6.5 ? 'grainy' : 'gritty');
const weepWord = (w: number): string => (w < 0.5 ? 'holds its water' : w < 3 ? 'weeps a little' : 'weeps');

interface Figure {
  readonly name: string;
  readonly word: string;
  readonly detail: string;
}

function figuresOf(prediction: PointPrediction, portions: number): readonly Figure[] {
  const { curdling, graininess, weeping } = prediction;
  const grams = prediction.massG / portions,
    inPortion = (percent: number) => `${((percent * grams) / 100).toFixed(1)} g`;
  return [
    {
      name: 'A portion',
      word: `${Math.round(grams)} g`,
      detail: `${Math.round(prediction.energyKcal.mid / portions)} kcal`,
    },
    { name: 'Protein', word: inPortion(prediction.protein.mid), detail: 'a portion' },
    { name: 'Salt', word: inPortion(prediction.salt.mid), detail: 'a portion' },
    { name: 'Splitting', word: riskWord(curdling), detail: `${Math.round(curdling * 100)} % likely` },
    { name: 'Smoothness', word: grainWord(graininess), detail: `grain ${graininess.toFixed(1)} of 10` },
    { name: 'Standing', word: weepWord(weeping), detail: `${weeping.toFixed(1)} % let go` },
  ];
}

/** What lands on the table: a portion in figures, the risks in words, and what the model has to warn of. */
export const TableFigures = memo(function TableFigures() {
  const prediction = useDeferredValue(usePrediction());
  const portions = useBenchPart((bench) => bench.history.formula.portions);
  const flags = prediction.flags.filter((flag) => !quietFor(flag, prediction.fat.mid > 40));
  return (
    <section className="plate plate-closed px-3.5 py-2" aria-label="At the table">
      <h2 className="text-lg">At the table</h2>
      <dl className="grid grid-cols-3 gap-x-3 gap-y-1.5">
        {(isEmpty(prediction) ? [] : figuresOf(prediction, portions)).map(({ name, word, detail }) => (
          <div key={name}>
            <dt className="text-[13px] leading-4 text-soft">{name}</dt>
            <dd className="leading-4.5">
              <b>{word}</b> <span className="block text-[12.5px] leading-4 text-soft">{detail}</span>
            </dd>
          </div>
        ))}
      </dl>
      {flags.map((flag) => (
        <p key={flag} className="mt-1 text-[13px] font-semibold text-ask" role="status">
          ! {flagWords[flag]}
        </p>
      ))}
    </section>
  );
});
