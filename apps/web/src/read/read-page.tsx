import { formulaBodyOf } from '@alterum/contract/convert';
import type { Formula } from '@alterum/core';
import { type DragEvent, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { loadHouseLarder } from '../household/house-larder';
import { sayFailure } from '../notices/notices';
import RecipeReader from '../recipe-reader/recipe-reader';
import { api } from '../server/api';

export async function loader(): Promise<null> {
  await loadHouseLarder();
  return null;
}

/** The text of what was dropped: a file, or words from another window. */
async function droppedText({ dataTransfer }: DragEvent): Promise<string> {
  const [file] = dataTransfer.files;
  if (file) return file.text();
  return dataTransfer.getData('text/html') || dataTransfer.getData('text/plain');
}

/** A recipe from elsewhere becomes a formula: pasted, typed or dropped, looked over once. */
export function Component() {
  const navigate = useNavigate();
  const [dropped, setDropped] = useState({ text: '', count: 0 });
  useEffect(() => {
    document.title = 'Paste a recipe · Alterum';
  }, []);
  const take = (formula: Formula) =>
    void api
      .createFormula(formulaBodyOf(formula))
      .then(({ id }) => navigate(`/bench/${id}`))
      .catch(sayFailure);
  return (
    <main
      className="mx-auto w-full max-w-6xl px-3 py-4 sm:px-5"
      onDragOver={(event) => event.preventDefault()}
      onDrop={(event) => {
        event.preventDefault();
        void droppedText(event)
          .then((text) => setDropped(({ count }) => ({ text, count: count + 1 })))
          .catch(sayFailure);
      }}
    >
      <h1 className="pb-1 text-2xl">Paste a recipe</h1>
      <p className="pb-3 text-soft">
        A message, a page’s source or a file of linked data: paste it, or drop it here. Lit lines want a look;
        nothing is lost, the text stays with the formula.
      </p>
      <div className="plate p-4">
        <RecipeReader key={dropped.count} given={dropped.text} action="Make a formula of it" take={take} />
      </div>
    </main>
  );
}
