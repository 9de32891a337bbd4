import { Dialog } from '../ui/dialog';
import { useLetterKeys } from '../ui/letter-keys';

const keys: readonly (readonly [string, string])[] = [
  ['Ctrl K or /', 'find or do something'],
  ['?', 'this list'],
  ['Ctrl Z', 'undo on the Bench; bring back what was just put away'],
  ['Ctrl Shift Z', 'redo'],
  ['A', 'add an ingredient'],
  ['B', 'balance: find the amounts that meet the brief'],
  ['S', 'swap: find what everybody at the table can eat'],
  ['T', 'trade map of two lines; ↑ ↓ ← → move its dot'],
  ['P', 'another size: by portions, by what there is, by the dish'],
  ['V', 'versions: keep one, go back, branch'],
  ['← →', 'on an end of a lit range: ask for less or more'],
  ['↑ ↓', 'in an amount: a little more or less; with Shift ten times as much'],
  ['Enter', 'in an amount: take it and go on to the next ingredient'],
  ['X', 'while an amount is typed: the other reading, where grams or pieces may be meant'],
  ['Alt ↑ or Alt ↓', 'in an amount: move the line up or down'],
  ['Space, then ↑ ↓, then Space', 'on a line’s grip: lift, move and drop it'],
  ['Esc', 'in an amount: leave it as it was'],
];

export default function Shortcuts({ close }: { readonly close: () => void }) {
  const letters = useLetterKeys();
  return (
    <Dialog
      title="Keys"
      description="With a mouse, numbers can also be dragged left and right."
      close={close}
    >
      <label className="tap-coarse mb-3 flex items-center gap-2 font-semibold">
        <input
          type="checkbox"
          className="size-6 accent-(--rim)"
          checked={letters.on}
          onChange={(event) => letters.set(event.target.checked)}
        />
        Single letters and signs work as keys
      </label>
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        {keys.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="font-bold">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <p className="mt-4 border-t border-hair pt-2 text-sm">
        <a
          href="/licences.txt"
          target="_blank"
          rel="noreferrer"
          className="inline-flex min-h-6 items-center font-semibold text-rim underline"
        >
          Licences of what this app is made of
        </a>
      </p>
    </Dialog>
  );
}
