import { kindOf, type Operation, operationKindIds, withOperation } from '@alterum/core';
import { Plus, WandSparkles } from 'lucide-react';
import { take } from '../../open-formula/bench-store';
import { MenuOnDemand } from '../../ui/on-demand';
import { part } from '../../ui/part';
import { focusOperation } from './focus-operation';
import { changeMethod } from '../../open-formula/method-edits';

const MenuParts = part(() => import('./method-menu-items'));

/** Kinds of work on the pot. */
export const potKinds = operationKindIds.filter((kind) => kindOf(kind).place !== 'line');

/** Adds an operation at the end, or lets the app write the method anew. */
export function MethodMenu({
  count,
  source,
}: {
  readonly count: number;
  readonly source: 'own' | 'written' | 'flat';
}) {
  const add = (kind: Operation['kind']) => {
    changeMethod((method) => withOperation(method, { kind }, count));
    focusOperation(count);
  };
  return (
    <span className="flex items-center gap-2">
      {source !== 'written' && (
        <button
          type="button"
          className="tap-coarse inline-flex items-center gap-1 rounded font-semibold text-rim underline-offset-4 hover:underline"
          onClick={() => take({ step: 'set-method', method: undefined })}
        >
          <WandSparkles size={14} aria-hidden /> write it from the lines
        </button>
      )}
      <MenuOnDemand
        side="top"
        trigger={
          <button
            type="button"
            className="tap-coarse inline-flex items-center gap-1 rounded font-semibold text-rim underline-offset-4 hover:underline"
          >
            <Plus size={14} aria-hidden /> operation
          </button>
        }
        content={() => <MenuParts add={add} />}
      />
    </span>
  );
}
