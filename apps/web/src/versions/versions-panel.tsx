import type { VersionView } from '@alterum/contract';
import { formulaOfContent } from '@alterum/contract/convert';
import { type Difference, differencesOf, type Formula } from '@alterum/core';
import { useQuery } from '@tanstack/react-query';
import { GitBranch, Trash2, Undo2 } from 'lucide-react';
import { type FormEvent, useEffect, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { api, whyNot } from '../server/api';
import { queries } from '../server/queries';
import { findIngredient } from '../household/house-larder';
import { focusSoon } from '../ui/focus-net';
import { sayFailure, useNotices } from '../notices/notices';
import { formulaSaving } from '../saving/formula-saving';
import { useBenchPart, useFormula } from '../open-formula/bench-store';
import { gramsText } from '../words/number-text';
import { Button } from '../ui/button';
import { takeWithWayBack } from '../open-formula/take-with-way-back';

const when = new Intl.DateTimeFormat('en-GB', { dateStyle: 'medium', timeStyle: 'short' });
const SHOWN = 5;
const nameOf = (ingredient: string): string => findIngredient(ingredient)?.name.toLowerCase() ?? ingredient;
const amountOf = (grams: number | undefined): string => (grams === undefined ? '?' : gramsText(grams));

/** One difference, as a cook would note it. */
function differenceWords(difference: Difference): string {
  switch (difference.kind) {
    case 'line-added':
      return `+ ${nameOf(difference.ingredient)} ${amountOf(difference.grams)} g`;
    case 'line-removed':
      return `− ${nameOf(difference.ingredient)}`;
    case 'amount':
      return `${nameOf(difference.ingredient)} ${amountOf(difference.from)} → ${amountOf(difference.to)} g`;
    case 'made':
      return `${nameOf(difference.ingredient)} made otherwise`;
    case 'process':
    case 'method':
      return 'cooked otherwise';
    case 'serving':
      return 'served otherwise';
    case 'portions':
      return `${difference.from} → ${difference.to} portions`;
    case 'brief':
      return 'another brief';
    case 'family':
      return 'another kind';
    case 'name':
      return `called “${difference.to}”`;
  }
}

function changesFrom(before: Formula | undefined, after: Formula): string {
  if (!before) return 'the first that was kept';
  const words = [...new Set(differencesOf(before, after, findIngredient).map(differenceWords))];
  if (words.length === 0) return 'nothing changed';
  return (
    words.slice(0, SHOWN).join(' · ') + (words.length > SHOWN ? ` and ${words.length - SHOWN} more` : '')
  );
}

interface RowProps {
  readonly formulaId: string;
  readonly version: VersionView;
  readonly before: VersionView | undefined;
  readonly forgotten: () => void;
}

function VersionRow({ formulaId, version, before, forgotten }: RowProps) {
  const navigate = useNavigate();
  const formula = formulaOfContent(version.content);
  const goBack = () =>
    takeWithWayBack({ step: 'become', formula }, `The pot stands as “${version.name}” again.`);
  const forget = () =>
    void api
      .forgetVersion(formulaId, version.id)
      .then(() => {
        forgotten();
        useNotices.getState().show(`The version “${version.name}” was put away.`, {
          label: 'Undo',
          undo: true,
          run: () => void api.restoreVersion(formulaId, version.id).then(forgotten).catch(sayFailure),
        });
      })
      .catch(sayFailure);
  const branch = () => {
    const name = `${formula.name.slice(0, 70)}, from ${version.name}`.slice(0, 120);
    void formulaSaving
      .flush()
      .then(() => api.branchVersion(formulaId, version.id, name))
      .then((made) => navigate(`/bench/${made.id}`))
      .catch(sayFailure);
  };
  return (
    <li className="border-t border-hair py-1.5 first:border-t-0" data-testid={`version-${version.name}`}>
      <div className="flex items-baseline justify-between gap-2">
        <b className="truncate">{version.name}</b>
        <span className="flex items-center gap-1 whitespace-nowrap text-[13px] text-soft">
          {when.format(new Date(version.keptAt))}
          <Button look="bare" aria-label={`Forget ${version.name}`} onClick={forget}>
            <Trash2 size={15} aria-hidden />
          </Button>
        </span>
      </div>
      {version.why && <p className="text-sm">{version.why}</p>}
      <p className="text-[13px] leading-4 text-soft">
        {changesFrom(before && formulaOfContent(before.content), formula)}
      </p>
      <div className="mt-1 flex flex-wrap gap-1.5">
        <Button onClick={goBack} aria-label={`Go back to ${version.name}`}>
          <Undo2 size={15} aria-hidden /> Go back
        </Button>
        <Button onClick={branch} aria-label={`Branch from ${version.name}`}>
          <GitBranch size={15} aria-hidden /> Branch
        </Button>
        <Link
          to={`/compare?with=${formulaId},${formulaId}@${version.id}`}
          className="tap tap-coarse inline-flex items-center rounded-lg px-2 font-semibold text-rim underline"
        >
          Compare
        </Link>
      </div>
    </li>
  );
}

const field = 'h-9 w-full rounded-md border-2 border-hair bg-glaze px-2';

interface KeepVersionProps {
  readonly formulaId: string;
  /** The one that was kept last. */
  readonly last: VersionView | undefined;
  readonly kept: () => Promise<unknown>;
}

/** Keeps what stands on the Bench, with a name and why; a name that is refused stays in its field with the reason. */
function KeepVersion({ formulaId, last, kept }: KeepVersionProps) {
  const present = useFormula();
  const [name, setName] = useState('');
  const [why, setWhy] = useState('');
  const [trouble, setTrouble] = useState<string>();
  const keep = (event: FormEvent) => {
    event.preventDefault();
    void formulaSaving
      .flush()
      .then(() => api.keepVersion(formulaId, { name, why }))
      .then(() => {
        setName('');
        setWhy('');
        setTrouble(undefined);
        return kept();
      })
      .then(() => focusSoon(`[data-testid="version-${CSS.escape(name)}"]`))
      .catch((error: unknown) => setTrouble(whyNot(error)));
  };
  return (
    <form onSubmit={keep} className="flex flex-col gap-1.5">
      <label className="text-sm">
        Name of this version
        <input
          value={name}
          maxLength={80}
          onChange={(event) => setName(event.target.value)}
          className={field}
          placeholder="thicker, less salt"
        />
      </label>
      <label className="text-sm">
        Why
        <input
          value={why}
          maxLength={1000}
          onChange={(event) => setWhy(event.target.value)}
          className={field}
          placeholder="it ran off the bread"
        />
      </label>
      {last && (
        <p className="text-[13px] leading-4 text-soft">
          Since “{last.name}”: {changesFrom(formulaOfContent(last.content), present)}
        </p>
      )}
      {trouble && (
        <p role="alert" className="text-sm font-semibold text-no">
          {trouble}
        </p>
      )}
      <Button type="submit" look="yolk" className="self-start" disabled={name.trim() === ''}>
        Keep this version
      </Button>
    </form>
  );
}

/** The versions of the open formula: keep one with what changed and why, go back, branch. */
export default function VersionsPanel() {
  const id = useBenchPart((bench) => bench.id);
  const { data: versions, error, refetch } = useQuery({ ...queries.versions(id), refetchOnMount: 'always' });
  useEffect(() => {
    if (error) sayFailure(error);
  }, [error]);
  return (
    <div className="flex flex-col gap-2 pt-2">
      <KeepVersion formulaId={id} last={versions?.at(-1)} kept={() => refetch()} />
      {versions?.length === 0 && (
        <p className="text-sm text-soft">
          No version is kept yet. Keep one before a change you may want to take back next week.
        </p>
      )}
      <ul aria-label="Versions">
        {[...(versions ?? [])].reverse().map((version) => (
          <VersionRow
            key={version.id}
            formulaId={id}
            version={version}
            before={versions?.[versions.indexOf(version) - 1]}
            forgotten={() => void refetch()}
          />
        ))}
      </ul>
    </div>
  );
}
