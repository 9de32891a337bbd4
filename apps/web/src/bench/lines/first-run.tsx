import { whatItKnows } from '@alterum/core';
import { usePutAway } from '../../saving/put-away';

const ID = 'first-run';

/** Once per household: what the app knows and what it does not. */
export function FirstRun() {
  const { away, put } = usePutAway();
  if (away.includes(ID)) return null;
  return (
    <aside
      aria-label="What Alterum knows"
      className="flex items-center gap-2 rounded-lg border-2 border-hair bg-glaze px-2.5 py-0.5 text-[13px] leading-4"
    >
      <p className="flex-1">{whatItKnows}</p>
      <button
        type="button"
        className="tap-coarse rounded-md px-1.5 py-1 font-semibold text-rim underline"
        onClick={() => put(ID)}
      >
        Understood
      </button>
    </aside>
  );
}
