import { anotherFamily, families, familyNames, type Family } from '@alterum/core';
import { BookOpen, Ellipsis, Redo2, Replace, Scale, TriangleAlert, Undo2 } from 'lucide-react';
import { memo, useDeferredValue } from 'react';
import { Link } from 'react-router';
import { Button } from '../../ui/button';
import { Choice } from '../../ui/choice';
import { NameField } from '../../ui/name-field';
import { MenuOnDemand, PopoverOnDemand } from '../../ui/on-demand';
import { redoOnBench, take, undoOnBench, useBench, useBenchPart } from '../../open-formula/bench-store';
import { takeWithWayBack } from '../../open-formula/take-with-way-back';
import { Bowl } from '../../ui/bowl';
import { NAME } from '../../open-formula/focus';
import { openWork } from '../../open-formula/work-store';
import { part } from '../../ui/part';

import { PortionsField } from './portions-field';

const CautionsCard = part(() => import('../people/cautions-card'), <p>Looking …</p>);
const FormulaMenu = part(() => import('./formula-menu'));

const familyOptions = families.map((value: Family) => ({ value, label: familyNames[value] }));

function MoreButton({ id }: { readonly id: string }) {
  const trigger = (
    <Button aria-label="More for this formula">
      <Ellipsis size={18} aria-hidden />
    </Button>
  );
  return <MenuOnDemand trigger={trigger} content={() => <FormulaMenu id={id} />} />;
}

function CautionsButton() {
  return (
    <PopoverOnDemand
      label="Cautions for this formula"
      trigger={
        <Button aria-label="Cautions">
          <TriangleAlert size={18} aria-hidden />
        </Button>
      }
      content={() => <CautionsCard />}
    />
  );
}

function FormulaBowl() {
  const hex = useBenchPart((bench) => bench.outcome.prediction.colour.hex);
  return <Bowl hex={useDeferredValue(hex)} />;
}

/** Another kind; what was usual for the one before becomes what is usual for this one, and how it is served is said. */
function takeFamily(next: Family): void {
  const formula = useBench.getState().bench?.history.formula;
  if (!formula) return;
  const { steps, served } = anotherFamily(formula, next);
  const step = { step: 'several', steps } as const;
  if (!served) take(step);
  else
    takeWithWayBack(
      step,
      `A ${familyNames[next]} is served ${served.storage === 'fridge' ? 'from the fridge' : 'fresh'} at ${served.temperatureC} °C; set it beside the method if yours is not.`,
    );
}

/** Name, kind, portions, and what can be done with the whole formula. */
export const TitleRow = memo(function TitleRow() {
  const name = useBenchPart((bench) => bench.history.formula.name);
  const family = useBenchPart((bench) => bench.history.formula.family);
  const id = useBenchPart((bench) => bench.id);
  const undoable = useBenchPart((bench) => bench.history.done.length > 0);
  const redoable = useBenchPart((bench) => bench.history.undone.length > 0);
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      <FormulaBowl />
      <div className="min-w-0 flex-1 basis-44">
        <h1 className="sr-only">{name}</h1>
        <NameField
          id={NAME}
          label="Name of the formula"
          name={name}
          rename={(next) => take({ step: 'rename', name: next })}
        />
        <div className="flex flex-wrap items-baseline gap-x-1 text-sm text-soft">
          <Choice
            label="Kind"
            value={family}
            options={familyOptions}
            onChange={takeFamily}
            className="max-w-[70vw] font-normal!"
          />
          <span aria-hidden>·</span>
          <PortionsField />
        </div>
      </div>
      <div className="flex flex-wrap gap-1.5 max-sm:gap-1">
        <Button look="yolk" onClick={() => openWork('balance')} aria-keyshortcuts="B">
          <Scale size={18} aria-hidden className="max-sm:hidden" /> Balance
        </Button>
        <Button onClick={() => openWork('swap')} aria-keyshortcuts="S">
          <Replace size={18} aria-hidden className="max-sm:hidden" /> Swap
        </Button>
        <Link
          to={`/bench/${id}/recipe`}
          className="tap tap-coarse inline-flex items-center justify-center gap-2 rounded-lg border-2 border-rim bg-glaze px-3 font-semibold hover:bg-dip"
        >
          <BookOpen size={18} aria-hidden className="max-sm:hidden" /> Recipe
        </Link>
        <CautionsButton />
        <Button onClick={undoOnBench} disabled={!undoable} aria-label="Undo" aria-keyshortcuts="Control+Z">
          <Undo2 size={18} aria-hidden />
        </Button>
        <Button
          onClick={redoOnBench}
          disabled={!redoable}
          aria-label="Redo"
          aria-keyshortcuts="Control+Shift+Z"
        >
          <Redo2 size={18} aria-hidden />
        </Button>
        <MoreButton id={id} />
      </div>
    </div>
  );
});
