import { useLooking } from '../ui/when-server-answers';
import { keepHousehold, useHousehold } from './household-store';

/** ms between two tries to send what waits. */
const TRY_AGAIN_MS = 4000;

/** What the household chose and the server has not kept yet: it is in this browser, and is sent again. */
export function UnkeptNote() {
  const unkept = useHousehold((household) => household.unkept);
  useLooking(keepHousehold, TRY_AGAIN_MS, unkept !== undefined);
  if (unkept === undefined) return null;
  return (
    <p role="status" className="plate mb-2 px-3 py-2 text-ask">
      The last change is kept in this browser and not on the server yet; it is tried again: {unkept}
    </p>
  );
}
