import { isEmpty, reportOn, warningsOf } from '@alterum/core';
import { memo, useDeferredValue, useMemo } from 'react';
import { Tabs } from '../../ui/tabs';
import { AgainstDairyCells } from './against-dairy-cells';
import { useBenchPart } from '../../open-formula/bench-store';
import { type Outcome } from '../../household/outcome';
import { FigureCells } from './figure-cells';
import { feelFigures, flagWords, keptFigures, portionFigures, quietFor } from './figure-words';

/** A temperature window or a kitchen test, in a line under the figures. */
function hintOf(report: ReturnType<typeof reportOn>, fatty: boolean): string {
  if (report.spreadable) return `Spreads from ${report.spreadable.from} to ${report.spreadable.to} °C.`;
  if (fatty) return 'No temperature between fridge and kitchen at which it spreads.';
  const { ringRadiusCm, trailHolds } = report.homeTests;
  const trail = trailHolds > 0.7 ? 'stays open' : trailHolds > 0.3 ? 'closes slowly' : 'closes';
  return `To check: a 5 cm ring spreads to ${ringRadiusCm.toFixed(1)} cm in 30 s; a finger’s trail on the spoon ${trail}.`;
}

/** Most warnings shown at once; the rest follow when these are mended. */
const WARNINGS = 2;

/** What lands on the table: how it feels and keeps, what a portion holds, and what is won and lost against dairy. */
export default function TableFigures() {
  const outcome = useDeferredValue(useBenchPart((bench) => bench.outcome));
  const portions = useDeferredValue(useBenchPart((bench) => bench.history.formula.portions));
  return <Figures outcome={outcome} portions={portions} />;
}

interface FiguresProps {
  readonly outcome: Outcome;
  readonly portions: number;
}

/** Kept as drawn until its own figures come: an edit reaches the rails first. */
const Figures = memo(function Figures({ outcome, portions }: FiguresProps) {
  const { prediction, recipe } = outcome;
  const report = useMemo(() => reportOn(recipe), [recipe]);
  const fatty = prediction.fat.mid > 40;
  const said = [
    ...prediction.flags.filter((flag) => !quietFor(flag, fatty)).map((flag) => flagWords[flag]),
    ...warningsOf(recipe).map(({ message }) => message),
  ].slice(0, WARNINGS);
  const title = <h2 className="text-lg">At the table</h2>;
  const warned = said.map((text) => (
    <p key={text} className="mt-1 text-[13px] font-semibold leading-4 text-ask" role="status">
      ! {text}
    </p>
  ));
  if (isEmpty(prediction))
    return (
      <>
        {title}
        {warned}
      </>
    );
  return (
    <>
      <Tabs
        label="Figures at the table"
        title={title}
        tabs={[
          {
            id: 'feel',
            name: 'Feel',
            content: () => <FigureCells figures={feelFigures(outcome, report.flecks)} />,
          },
          {
            id: 'kept',
            name: 'Kept',
            content: () => (
              <>
                <FigureCells figures={keptFigures(report, prediction)} />
                <p className="mt-1 px-1 text-[12.5px] leading-4 text-soft">
                  Usual for its kind in a clean box at 5 °C; no proof that it is good. When in doubt, throw it
                  out.
                </p>
              </>
            ),
          },
          {
            id: 'portion',
            name: 'Portion',
            content: () => <FigureCells figures={portionFigures(prediction, report, portions)} />,
          },
          { id: 'dairy', name: 'Against dairy', content: () => <AgainstDairyCells report={report} /> },
        ]}
      />
      {said.length > 0 ? (
        warned
      ) : (
        <p className="mt-1 px-1 text-[12.5px] leading-4 text-soft">{hintOf(report, fatty)}</p>
      )}
    </>
  );
});
