import type { SavedBriefView } from '@alterum/contract';
import { briefOfWishes } from '@alterum/contract/convert';
import { briefOfFamily, familyNames } from '@alterum/core';
import { BookmarkPlus, ListChecks, RotateCcw } from 'lucide-react';
import { useQuery } from '@tanstack/react-query';
import { api } from '../../server/api';
import { queries } from '../../server/queries';
import { sayFailure, useNotices } from '../../notices/notices';
import { MenuItem, MenuRule } from '../../ui/menu';
import { take, useFormula } from '../../open-formula/bench-store';

function forgetBrief(brief: SavedBriefView): void {
  api.forgetBrief(brief.id).then(
    () =>
      useNotices.getState().show(`The brief “${brief.name}” is forgotten.`, {
        label: 'Take back',
        undo: true,
        run: () => void api.keepBrief({ name: brief.name, wishes: brief.wishes }).catch(sayFailure),
      }),
    sayFailure,
  );
}

/** The brief of the open formula: as it is, what is usual, or one that was kept; and keeping it for others. */
export default function BriefMenu({ keep }: { readonly keep: () => void }) {
  const formula = useFormula();
  const { data: kept } = useQuery({ ...queries.briefs, refetchOnMount: 'always' });
  return (
    <>
      <MenuItem
        onSelect={() => take({ step: 'set-brief', brief: undefined })}
        disabled={formula.brief === undefined}
      >
        <RotateCcw size={16} aria-hidden /> As it is: ask for nothing
      </MenuItem>
      <MenuItem onSelect={() => take({ step: 'set-brief', brief: briefOfFamily(formula.family) })}>
        <ListChecks size={16} aria-hidden /> Usual for a {familyNames[formula.family]}
      </MenuItem>
      <MenuItem onSelect={keep} disabled={formula.brief === undefined}>
        <BookmarkPlus size={16} aria-hidden /> Keep this brief for other formulas
      </MenuItem>
      {kept && kept.length > 0 && <MenuRule />}
      {kept?.map((brief) => (
        <MenuItem
          key={brief.id}
          onSelect={() => take({ step: 'set-brief', brief: briefOfWishes(brief.wishes) })}
        >
          {brief.name}
        </MenuItem>
      ))}
      {kept && kept.length > 0 && <MenuRule />}
      {kept?.map((brief) => (
        <MenuItem key={brief.id} onSelect={() => forgetBrief(brief)}>
          <span className="text-soft">Forget “{brief.name}”</span>
        </MenuItem>
      ))}
    </>
  );
}
