import { Button } from '../ui/button';
import { type Cooking, cookingDoes } from './cooking-store';
import type { ShownTask } from './evening-plan';

interface TaskPressProps {
  readonly shown: ShownTask;
  readonly cooking: Cooking;
  readonly day: string;
  readonly now: number;
}

/** Begun, done, or taken back: one press each. */
export function TaskPress({ shown: { id, words }, cooking, day, now }: TaskPressProps) {
  const done = id in cooking.done,
    begun = id in cooking.begun;
  const [text, does] = done
    ? ([`Not done`, () => cookingDoes.takeBack(day, id)] as const)
    : begun
      ? (['Done', () => cookingDoes.end(day, id, now)] as const)
      : (['Begin', () => cookingDoes.begin(day, id, now)] as const);
  return (
    <span className="flex items-center gap-1 self-center print:hidden">
      {begun && !done && (
        <Button
          look="bare"
          className="text-sm"
          aria-label={`Not begun: ${words}`}
          onClick={() => cookingDoes.takeBack(day, id)}
        >
          ↶
        </Button>
      )}
      <Button
        look={done ? 'bare' : 'rim'}
        className="text-sm"
        aria-label={`${text}: ${words}`}
        onClick={does}
      >
        {text}
      </Button>
    </span>
  );
}
