import type { KeptDishView } from '@alterum/contract';
import { useNavigate } from 'react-router';
import { sayFailure } from '../notices/notices';
import { useSaving } from '../saving/saving';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { dishSaving } from './dish-saving';

const time = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });

/** Asks what to go on with when the dish was changed or deleted somewhere else; nothing is lost either way. */
export function DishConflict() {
  const saving = useSaving((state) => state.saving);
  const navigate = useNavigate();
  const copy = () =>
    void dishSaving
      .keepMineAsCopy()
      .then((made) => made && navigate(`/plan/dishes/${made.id}`))
      .catch(sayFailure);
  if (saving.kind === 'gone')
    return (
      <Dialog
        title="This dish was deleted somewhere else"
        description="What you changed here is still here. Bring the dish back with it, or keep yours as a new one."
        close={() => undefined}
      >
        <div className="flex flex-wrap gap-2">
          <Button look="yolk" onClick={() => void dishSaving.bringBack().catch(sayFailure)}>
            Bring it back
          </Button>
          <Button onClick={copy}>Keep mine as a new one</Button>
        </div>
      </Dialog>
    );
  if (saving.kind !== 'conflict') return null;
  const theirs = saving.theirs as KeptDishView;
  return (
    <Dialog
      title="This dish was changed somewhere else"
      description={`Another tab or device saved version ${theirs.version} on ${time.format(new Date(theirs.updatedAt))}. Nothing is lost: what you changed here is still here. Choose which to go on with.`}
      close={() => undefined}
    >
      <div className="flex flex-wrap gap-2">
        <Button look="yolk" onClick={copy}>
          Keep mine as a copy
        </Button>
        <Button onClick={() => void dishSaving.takeTheirs(theirs).catch(sayFailure)}>Take theirs</Button>
        <Button onClick={() => void dishSaving.overwriteTheirs(theirs).catch(sayFailure)}>
          Save mine over it
        </Button>
      </div>
    </Dialog>
  );
}
