import { cautionsOf } from '@alterum/core';
import { Button } from '../../ui/button';
import { useBenchPart } from '../../open-formula/bench-store';
import { usePutAway } from '../../saving/put-away';

/** The cautions that apply to this formula; each can be put away for the household, and comes back with one press. */
export default function CautionsCard() {
  const recipe = useBenchPart((bench) => bench.outcome.recipe);
  const { away, put, bringBack } = usePutAway();
  const all = cautionsOf(recipe),
    shown = all.filter(({ id }) => !away.includes(id));
  return (
    <>
      <h3 className="text-base">Cautions for this formula</h3>
      <ul className="my-2 space-y-2 text-sm">
        {shown.map(({ id, text }) => (
          <li key={id} className="grid grid-cols-[1fr_auto] gap-2">
            <span>{text}</span>
            <button
              type="button"
              className="self-start text-[13px] font-semibold text-rim underline"
              aria-label={`Put away: ${text}`}
              onClick={() => put(id)}
            >
              put away
            </button>
          </li>
        ))}
        {shown.length === 0 && <li>Nothing that was not read and put away already.</li>}
      </ul>
      {shown.length < all.length && (
        <Button look="bare" onClick={bringBack}>
          Show all again
        </Button>
      )}
      <p className="text-sm text-soft">
        No medical advice. Labels, clinicians and local food rules come first.
      </p>
    </>
  );
}
