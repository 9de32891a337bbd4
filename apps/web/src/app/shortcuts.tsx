import { Dialog } from '../ui/dialog';

const keys: readonly (readonly [string, string])[] = [
  ['Ctrl K or /', 'find or do something'],
  ['?', 'this list'],
  ['Ctrl Z', 'undo on the Bench'],
  ['Ctrl Shift Z', 'redo'],
  ['A', 'add an ingredient'],
  ['B', 'balance: find the amounts that meet the brief'],
  ['S', 'swap: find what everybody at the table can eat'],
  ['T', 'trade map of two lines; ↑ ↓ ← → move its dot'],
  ['V', 'versions: keep one, go back, branch'],
  ['← →', 'on an end of a lit stretch: ask for less or more'],
  ['↑ ↓', 'in an amount: a little more or less; with Shift ten times as much'],
  ['Enter', 'in an amount: take it and go to the next line'],
  ['Alt ↑ or Alt ↓', 'in an amount: move the line up or down'],
  ['Space, then ↑ ↓, then Space', 'on a line’s grip: lift, move and drop it'],
  ['Esc', 'in an amount: leave it as it was'],
];

export function Shortcuts({ close }: { readonly close: () => void }) {
  return (
    <Dialog title="Keys" description="Numbers can also be dragged left and right." close={close}>
      <dl className="grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        {keys.map(([key, what]) => (
          <div key={key} className="contents">
            <dt className="font-bold">{key}</dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
    </Dialog>
  );
}
