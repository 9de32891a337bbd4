import { allergenOf, type TaughtWord } from '@alterum/core';
import { api } from '../server/api';
import { focusSoon } from '../ui/focus-net';
import { sayFailure } from '../notices/notices';
import { Button } from '../ui/button';

interface TaughtWordsProps {
  readonly words: readonly TaughtWord[];
  readonly changed: () => void;
}

/** Words of labels that the cook explained, with the date; each can be taken back. */
export function TaughtWords({ words, changed }: TaughtWordsProps) {
  if (words.length === 0) return null;
  const takeBack = (word: string) =>
    void api
      .forgetWord(word)
      .then(() => {
        changed();
        focusSoon('[aria-label="Search the larder"]');
      })
      .catch(sayFailure);
  return (
    <section className="plate mt-3 p-3" aria-labelledby="taught-words">
      <h2 id="taught-words" className="text-lg">
        Words you taught
      </h2>
      <p className="text-sm text-soft">
        Every label is read with them. What is taken back is asked about again.
      </p>
      <ul className="mt-1 max-h-48 space-y-1 overflow-y-auto" tabIndex={0} aria-labelledby="taught-words">
        {words.map(({ word, means, taughtOn }) => (
          <li key={word} className="flex flex-wrap items-center gap-x-2" data-testid={`taught-${word}`}>
            <span className="mr-auto">
              <b className="wrap-anywhere">{word}</b>{' '}
              {means === 'nothing' ? 'holds none of the allergens' : `is a kind of ${allergenOf(means).name}`}{' '}
              <span className="text-sm text-soft">taught on {taughtOn.slice(0, 10)}</span>
            </span>
            <Button look="bare" aria-label={`Take back what “${word}” means`} onClick={() => takeBack(word)}>
              Take back
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
