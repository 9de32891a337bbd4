import type { PackLabelView } from '@alterum/contract';
import { allergenOf } from '@alterum/core';
import { api } from '../server/api';
import { packLabels } from '../household/house-larder';
import { sayFailure } from '../notices/notices';
import { Button } from '../ui/button';
import { TeachWord } from './teach-word';

interface PackLabelNoteProps {
  readonly label: PackLabelView | undefined;
  readonly read: () => void;
  readonly changed: () => void;
}

/** Words that are told; the rest is a number. */
const TOLD = 5;

const names = (ids: PackLabelView['contains']): string => ids.map((id) => allergenOf(id).name).join(', ');

/** What the label of the very pack said, with its date and how far it was understood: it adds to the table, and clears little of it. */
export function PackLabelNote({ label, read, changed }: PackLabelNoteProps) {
  if (!label)
    return (
      <p className="mt-1">
        <Button look="bare" className="-ml-3 max-w-full text-left whitespace-normal! text-rim" onClick={read}>
          Type its label, so that it counts beside the table
        </Button>
      </p>
    );
  const { readOn, stale } = packLabels().get(label.ingredient) ?? {
    readOn: label.readOn.slice(0, 10),
    stale: false,
  };
  const forget = () => void api.forgetLabel(label.ingredient).then(changed).catch(sayFailure);
  return (
    <div className="mt-2 rounded-lg border-2 border-hair p-2.5" data-testid="pack-label">
      <p>
        <b>Label read on {readOn}</b>
        {stale && <span className="text-ask"> long ago: read it again</span>}. Contains{' '}
        {names(label.contains) || 'none of the listed'}
        {label.askFor.length > 0 && `; may contain ${names(label.askFor)}`}.
      </p>
      {label.unknown.length > 0 && (
        <div className="space-y-1 text-sm">
          <p className="text-ask">Not understood; whoever has an allergy is asked about it:</p>
          {label.unknown.slice(0, TOLD).map((word) => (
            <TeachWord key={word} word={word} taught={changed} />
          ))}
          {label.unknown.length > TOLD && <p>and {label.unknown.length - TOLD} more.</p>}
        </div>
      )}
      {!label.isList && (
        <p className="text-sm text-ask">
          It does not read like a list of ingredients, so it clears nothing of what the table says.
        </p>
      )}
      <div className="mt-1 flex gap-2">
        <Button onClick={read}>Read it again</Button>
        <Button look="bare" onClick={forget}>
          Go back to the table
        </Button>
      </div>
    </div>
  );
}
