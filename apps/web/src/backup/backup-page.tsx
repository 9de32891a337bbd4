import type { RestoreMode, RestoreView } from '@alterum/contract';
import { Database, FileDown, FileUp } from 'lucide-react';
import { type ReactNode, useEffect, useId, useRef, useState } from 'react';
import { api, whyNot } from '../server/api';
import { focusSoon } from '../ui/focus-net';
import { useNotices } from '../notices/notices';
import { Button } from '../ui/button';
import { doesAnything, RestoreTable } from './restore-table';

const modes: readonly { readonly mode: RestoreMode; readonly name: string; readonly what: string }[] = [
  {
    mode: 'merge',
    name: 'Add what is missing',
    what: 'What is in both stays as it was changed last. Nothing goes.',
  },
  { mode: 'replace', name: 'Make the kitchen what the backup says', what: 'What is not in the backup goes.' },
];

const download =
  'tap tap-coarse inline-flex items-center gap-2 rounded-lg border-2 border-rim bg-glaze px-3 font-semibold hover:bg-dip';
const whenMade = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeStyle: 'short' });

/** What is known of a chosen file. */
type Looked =
  | { readonly kind: 'looking' }
  | { readonly kind: 'refused'; readonly why: string }
  | { readonly kind: 'preview'; readonly view: RestoreView };

/** A database is no document; its name or its first letters say so, before it is sent anywhere. */
const isDatabase = async (file: File): Promise<boolean> =>
  /\.(sqlite|db)$/i.test(file.name) || (await file.slice(0, 15).text()) === 'SQLite format 3';

/** Looks what a file would bring, anew with every other file or way. */
function usePreview(file: File | undefined, mode: RestoreMode): Looked | undefined {
  const [looked, setLooked] = useState<Looked & { readonly file: File; readonly mode: RestoreMode }>();
  useEffect(() => {
    if (!file) return undefined;
    let wanted = true;
    const show = (found: Looked) => wanted && setLooked({ ...found, file, mode });
    const look = async () => {
      if (await isDatabase(file))
        return show({
          kind: 'refused',
          why: 'This is a database file. It is brought back by command: npm run restore -- FILE',
        });
      show({ kind: 'preview', view: await api.previewRestore(file, mode) });
    };
    look().catch((error: unknown) => show({ kind: 'refused', why: whyNot(error) }));
    return () => void (wanted = false);
  }, [file, mode]);
  if (!file) return undefined;
  return looked?.file === file && looked.mode === mode ? looked : { kind: 'looking' };
}

function Plate({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section aria-label={title} className="plate mt-3 space-y-3 p-4">
      <h2 className="text-lg">{title}</h2>
      {children}
    </section>
  );
}

function Ways({
  mode,
  choose,
}: {
  readonly mode: RestoreMode;
  readonly choose: (mode: RestoreMode) => void;
}) {
  const group = useId();
  return (
    <fieldset className="space-y-1">
      <legend className="font-semibold">How</legend>
      {modes.map(({ mode: value, name, what }) => (
        <label key={value} className="flex min-h-9 items-start gap-2 py-1">
          <input
            type="radio"
            name={group}
            className="mt-0.5 size-5 shrink-0 accent-(--rim)"
            checked={mode === value}
            onChange={() => choose(value)}
          />
          <span>
            {name} <span className="block text-sm text-soft">{what}</span>
          </span>
        </label>
      ))}
    </fieldset>
  );
}

/** What was found in the file, in a sentence. */
function LookedWords({ looked }: { readonly looked: Looked | undefined }) {
  return (
    <div role="status">
      {looked?.kind === 'looking' && <p>Reading the backup …</p>}
      {looked?.kind === 'refused' && <p className="font-semibold text-no wrap-anywhere">{looked.why}</p>}
      {looked?.kind === 'preview' && (
        <p>
          The backup was made on {whenMade.format(new Date(looked.view.madeAt))}.{' '}
          {doesAnything(looked.view)
            ? 'This is what would be done; nothing was changed yet.'
            : 'All of it is here already, so nothing would be done.'}
        </p>
      )}
    </div>
  );
}

function Restored({ done }: { readonly done: RestoreView }) {
  return (
    <div data-testid="restored" tabIndex={-1} className="space-y-2">
      <p role="status">
        <b>It is in.</b> What was here before is kept in <code className="wrap-anywhere">{done.kept}</code>;
        it is brought back with <code>npm run restore -- FILE</code>.
      </p>
      <RestoreTable view={done} />
    </div>
  );
}

function Restore() {
  const [file, setFile] = useState<File>();
  const [mode, setMode] = useState<RestoreMode>('merge');
  const [isBusy, setBusy] = useState(false);
  const [done, setDone] = useState<RestoreView>();
  const input = useRef<HTMLInputElement>(null);
  const looked = usePreview(file, mode);
  const choose = (chosen: File | undefined) => {
    setDone(undefined);
    setFile(chosen);
  };
  const bringIn = async (backup: File) => {
    setBusy(true);
    try {
      setDone(await api.restore(backup, mode));
      setFile(undefined);
      if (input.current) input.current.value = '';
      focusSoon('[data-testid="restored"]');
    } catch (error) {
      useNotices.getState().show(whyNot(error));
    } finally {
      setBusy(false);
    }
  };
  return (
    <Plate title="Bring a backup back">
      <label className="block">
        <span className="block pb-1 font-semibold">Which file</span>
        <input
          ref={input}
          type="file"
          accept=".json,application/json"
          onChange={(event) => choose(event.target.files?.[0])}
          className="block w-full max-w-md rounded-lg border-2 border-rim bg-glaze text-sm file:mr-3 file:min-h-11 file:border-0 file:bg-dip file:px-3 file:font-semibold file:text-ink"
        />
      </label>
      <Ways mode={mode} choose={setMode} />
      <LookedWords looked={looked} />
      {file && looked?.kind === 'preview' && (
        <>
          <RestoreTable view={looked.view} />
          <Button
            look="yolk"
            disabled={isBusy || !doesAnything(looked.view)}
            onClick={() => void bringIn(file)}
          >
            <FileUp size={18} aria-hidden /> {isBusy ? 'Bringing it in …' : 'Bring it in'}
          </Button>
        </>
      )}
      {done && <Restored done={done} />}
    </Plate>
  );
}

/** Everything that was kept, out and in again. */
export function Component() {
  useEffect(() => {
    document.title = 'Backup · Alterum';
  }, []);
  return (
    <main className="mx-auto w-full max-w-3xl px-3 py-4 sm:px-5">
      <h1 className="text-2xl">Backup</h1>
      <Plate title="Keep everything in a file">
        <p>
          Formulas with their versions, people, own ingredients, labels, what is in the house and briefs, put
          away things included. Keep it on another device than this one.
        </p>
        <p className="flex flex-wrap gap-2">
          <a href="/api/backup" download className={download}>
            <FileDown size={18} aria-hidden /> A document (JSON)
          </a>
          <a href="/api/backup/database" download className={download}>
            <Database size={18} aria-hidden /> The database file
          </a>
        </p>
        <p className="text-sm text-soft">
          The document is read by any program; its{' '}
          <a href="/api/backup/schema" className="font-semibold text-rim underline">
            schema
          </a>{' '}
          says what it holds. A copy of each of the last seven days is kept beside the database, in the folder
          “backups”.
        </p>
      </Plate>
      <Restore />
    </main>
  );
}
