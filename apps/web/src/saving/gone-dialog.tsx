import { useNavigate } from 'react-router';
import { sayFailure } from '../notices/notices';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { formulaSaving } from './formula-saving';

/** The formula was deleted in another tab or on another device while it was changed here. */
export default function GoneDialog() {
  const navigate = useNavigate();
  const copy = () =>
    formulaSaving
      .keepMineAsCopy()
      .then((made) => made && navigate(`/bench/${made.id}`))
      .catch(sayFailure);
  return (
    <Dialog
      title="This formula was deleted somewhere else"
      description="What you changed here is still here. Bring the formula back with it, or keep yours as a new formula."
      close={() => undefined}
    >
      <div className="flex flex-wrap gap-2">
        <Button look="yolk" onClick={() => void formulaSaving.bringBack().catch(sayFailure)}>
          Bring it back
        </Button>
        <Button onClick={() => void copy()}>Keep mine as a new one</Button>
      </div>
    </Dialog>
  );
}
