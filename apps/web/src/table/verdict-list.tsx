import type { EaterView } from '@alterum/contract';
import type { EaterVerdict } from '@alterum/core';
import { VerdictCell } from '../who-can-eat/verdict-cell';

interface VerdictListProps {
  readonly eaters: readonly EaterView[];
  /** In the order of the eaters. */
  readonly people: readonly EaterVerdict[] | undefined;
  /** Begins the test id of each person; absent leaves them without. */
  readonly testId?: string;
}

/** Everybody’s verdict on one thing. */
export function VerdictList({ eaters, people, testId }: VerdictListProps) {
  return (
    <ul className="mt-1 flex flex-wrap gap-x-3">
      {eaters.map((eater, i) => {
        const result = people?.[i];
        return (
          result && (
            <li
              key={eater.id}
              className="flex items-center text-sm"
              {...(testId === undefined ? {} : { 'data-testid': `${testId}-${eater.name}` })}
            >
              {eater.name} <VerdictCell eater={eater} result={result} />
            </li>
          )
        );
      })}
    </ul>
  );
}
