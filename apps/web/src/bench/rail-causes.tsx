import { type Contribution, contributionsOf, ingredientById, type Rail } from '@alterum/core';
import { useBenchPart, usePrediction } from './bench-store';
import { figure } from './number-text';

const SHOWN = 8;

/** How each property’s causes are worked out, in a sentence. */
const laws: Readonly<Record<Rail['id'], string>> = {
  fat: 'Each line’s fat in 100 g of the finished batch; the parts add up.',
  salt: 'Each line’s salt in 100 g of the finished batch; the parts add up.',
  thickness:
    'How much thicker or thinner it is at serving temperature with a tenth more of each line. Thickeners strengthen each other (Loewe additivity) and particles crowd each other, so the parts do not add up.',
  stretch:
    'How the pull changes with a tenth more of each line. Root starch makes strands once there is enough of it in the water; water, fat and particles shorten them.',
  savoriness:
    'What a tenth more of each line adds. Glutamate and the nucleotides of mushrooms, tomato and yeast strengthen each other.',
  sourness: 'What a tenth more of each line changes, with the pH solved again.',
  sweetness: 'What a tenth more of each line changes.',
};

function amountText(rail: Rail, { amount }: Contribution): string {
  if (rail.id === 'thickness') {
    return `${amount >= 0 ? '+' : '−'}${figure(Math.abs(100 * amount), 1)} %`;
  }
  return `${amount >= 0 ? '+' : '−'}${figure(Math.abs(amount), Math.max(rail.digits, 2))} ${rail.unit}`;
}

/** Which lines hold a bead where it is, largest first, with the law and the doubt. */
export default function RailCauses({ rail }: { readonly rail: Rail }) {
  const recipe = useBenchPart((bench) => bench.outcome.recipe);
  const prediction = usePrediction();
  const found = contributionsOf(recipe).find((entry) => entry.property === rail.id);
  const size = (c: Contribution) => Math.abs(c.amount);
  const lines = [...(found?.lines ?? [])].filter((c) => size(c) > 0).sort((a, b) => size(b) - size(a)).slice(0, SHOWN); // prettier-ignore
  const most = Math.max(...lines.map(size), 1e-9);
  const band = rail.value(prediction);
  return (
    <div className="text-sm">
      <h3 className="text-base">What holds {rail.name.toLowerCase()} there</h3>
      <p className="mt-0.5 text-soft">
        {figure(band.mid, rail.digits)} {rail.unit}; eight times in ten between{' '}
        {figure(band.low, rail.digits)} and {figure(band.high, rail.digits)}. Term: {rail.term}.
      </p>
      <ul className="my-2.5 space-y-1.5">
        {lines.map((line) => (
          <li key={line.line} className="grid grid-cols-[1fr_auto] items-center gap-x-3">
            <span className="truncate">{ingredientById(line.ingredient)?.name ?? line.ingredient}</span>
            <span className="font-semibold">{amountText(rail, line)}</span>
            <span className="col-span-2 h-1.5 rounded-full bg-track" aria-hidden>
              <span
                className={`block h-full rounded-full ${line.amount < 0 ? 'bg-lit-edge' : 'bg-bead'}`}
                style={{ width: `${(100 * size(line)) / most}%` }}
              />
            </span>
          </li>
        ))}
      </ul>
      {lines.length === 0 && <p>Nothing is in the pot yet.</p>}
      <p className="text-soft">{laws[rail.id]}</p>
    </div>
  );
}
