import type { FormulaView } from '@alterum/contract';
import { useNavigate } from 'react-router';
import { findIngredient } from '../household/house-larder';
import { sayFailure } from '../notices/notices';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { formulaSaving } from './formula-saving';
import { useFormula } from '../open-formula/bench-store';
import { gramsText } from '../words/number-text';

const time = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** Lines that differ between this tab and the server, in words. */
function useDifferences(theirs: FormulaView): readonly string[] {
  const mine = useFormula();
  const name = (id: string) => findIngredient(id)?.name ?? id;
  const said = (amount: number | null | undefined, unit = '') =>
    amount === null || amount === undefined ? 'no amount' : `${gramsText(amount)} ${unit}`;
  const differences = mine.lines.flatMap((line) => {
    const other = theirs.lines.find((candidate) => candidate.id === line.id);
    if (!other) return [`${name(line.ingredient)}: only here`];
    const same =
      other.amount === (line.amount?.value ?? null) && (!line.amount || other.unit === line.amount.unit);
    return same
      ? []
      : [
          `${name(line.ingredient)}: ${said(line.amount?.value, line.amount?.unit)} here, ${said(other.amount, other.unit)} there`,
        ];
  });
  const onlyThere = theirs.lines
    .filter((line) => !mine.lines.some((candidate) => candidate.id === line.id))
    .map((line) => `${name(line.ingredient)}: only there`);
  return [
    ...(mine.name === theirs.name ? [] : [`name: “${mine.name}” here, “${theirs.name}” there`]),
    ...differences,
    ...onlyThere,
  ];
}

export default function ConflictDialog({ theirs }: { readonly theirs: FormulaView }) {
  const navigate = useNavigate();
  const differences = useDifferences(theirs);
  const copy = () =>
    formulaSaving
      .keepMineAsCopy()
      .then((made) => made && navigate(`/bench/${made.id}`))
      .catch(sayFailure);
  return (
    <Dialog
      title="This formula was changed somewhere else"
      description={`Another tab or device saved version ${theirs.version} on ${time.format(new Date(theirs.updatedAt))}. Nothing is lost: what you changed here is still here. Choose which to go on with.`}
      close={() => undefined}
    >
      {differences.length > 0 && (
        <ul className="mb-4 list-disc pl-5 text-sm">
          {differences.slice(0, 12).map((difference) => (
            <li key={difference}>{difference}</li>
          ))}
        </ul>
      )}
      <div className="flex flex-wrap gap-2">
        <Button look="yolk" onClick={() => void copy()}>
          Keep mine as a copy
        </Button>
        <Button onClick={() => void formulaSaving.takeTheirs(theirs)}>Take theirs</Button>
        <Button onClick={() => void formulaSaving.overwriteTheirs(theirs)}>Save mine over it</Button>
      </div>
    </Dialog>
  );
}
