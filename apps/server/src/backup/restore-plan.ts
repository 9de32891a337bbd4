import { keyOf } from './entry-key.js';
import { createHash } from 'node:crypto';
import {
  type BackupDocument,
  type BackupFormula,
  type BackupKind,
  backupKinds,
  type BackupVersion,
  type BackupWord,
  type RestoreCount,
  type RestoreKindView,
  type RestoreMode,
} from '@alterum/contract';
import type { EntityManager } from '@mikro-orm/libsql';
import { breathe } from '../platform/breathe.js';
import { AT_ONCE, MOST_NAMES } from './backup.params.js';
import { type Entries, entriesOf } from './entries.js';

type Entry = Entries[BackupKind];

/** What is remembered of an entry that is here. */
interface Held {
  readonly name: string;
  readonly digest: string;
  /** Larger for what was changed later. */
  readonly stamp: number;
  readonly version: number;
  readonly versionIds: ReadonlySet<string>;
}

/** What is done with one entry of the backup. */
export interface Step<E extends Entry = Entry> {
  readonly entry: E;
  readonly isNew: boolean;
  /** Takes the place of what is here; false where only kept versions are added. */
  readonly writes: boolean;
  /** Number that the write is counted as, so that a page which knows what was here cannot write over it unseen. */
  readonly version: number;
  readonly versions: readonly BackupVersion[];
}

export interface Plan {
  readonly steps: { readonly [Kind in BackupKind]: readonly Step<Entries[Kind]>[] };
  /** Keys of what goes. */
  readonly go: Readonly<Record<BackupKind, readonly string[]>>;
  readonly kinds: readonly RestoreKindView[];
}

const nameOf = (kind: BackupKind, entry: Entry): string =>
  'name' in entry
    ? entry.name
    : kind === 'household'
      ? 'the table'
      : kind === 'words'
        ? (entry as BackupWord).word
        : keyOf(kind, entry);

const stampOf = (entry: Entry): number => {
  const { updatedAt, readOn, saidAt, keptAt, taughtAt, putAwayAt, version } = entry as unknown as Readonly<
    Record<string, string | number | null | undefined>
  >;
  const changed = updatedAt ?? readOn ?? saidAt ?? keptAt ?? taughtAt;
  if (changed === undefined || changed === null) return Number(version ?? 0);
  return Math.max(Date.parse(String(changed)), putAwayAt ? Date.parse(String(putAwayAt)) : 0);
};

/** Number of its writes so far; what is not counted has none. */
const writesOf = (entry: Entry): number => (entry as { readonly version?: number }).version ?? 0;

const versionsOf = (entry: Entry): readonly BackupVersion[] => (entry as BackupFormula).versions ?? [];

/** Keys in one order, so that two entries of the same content have the same text. */
const ordered = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(ordered)
    : typeof value === 'object' && value !== null
      ? Object.fromEntries(
          Object.entries(value)
            .filter(([, part]) => part !== undefined)
            .sort(([a], [b]) => (a < b ? -1 : 1))
            .map(([key, part]) => [key, ordered(part)]),
        )
      : value;

/** What an entry holds, but for the count of its writes; kept versions are looked at on their own. */
function digestOf(entry: Entry): string {
  const { version: _version, versions: _versions, ...content } = entry as BackupFormula;
  return createHash('sha256')
    .update(JSON.stringify(ordered(content)))
    .digest('base64');
}
const digestOfVersions = (entry: Entry): string =>
  createHash('sha256')
    .update(JSON.stringify(ordered(versionsOf(entry))))
    .digest('base64');

/** What has to be the same for nothing to be done: replacing looks at the kept versions too, merging adds those it lacks. */
const digestFor = (entry: Entry, mode: RestoreMode): string =>
  digestOf(entry) + (mode === 'replace' ? digestOfVersions(entry) : '');

async function heldOf(em: EntityManager, kind: BackupKind, mode: RestoreMode): Promise<Map<string, Held>> {
  const held = new Map<string, Held>();
  for await (const entries of entriesOf(em, kind))
    for (const entry of entries)
      held.set(keyOf(kind, entry), {
        name: nameOf(kind, entry),
        digest: digestFor(entry, mode),
        stamp: stampOf(entry),
        version: writesOf(entry),
        versionIds: new Set(versionsOf(entry).map(({ id }) => id)),
      });
  return held;
}

const NONE: RestoreCount = { count: 0, names: [] };

class Names {
  private readonly all: string[] = [];
  add(name: string): void {
    this.all.push(name);
  }
  get view(): RestoreCount {
    return { count: this.all.length, names: this.all.slice(0, MOST_NAMES) };
  }
}

/** What happens to the entries of one kind. */
interface KindPlan {
  readonly steps: readonly Step[];
  readonly go: readonly string[];
  readonly view: RestoreKindView;
}

/** Kept versions of an entry that are written: all where it replaces, otherwise those that are not here. */
const versionsToWrite = (entry: Entry, here: Held, mode: RestoreMode): readonly BackupVersion[] =>
  mode === 'replace' ? versionsOf(entry) : versionsOf(entry).filter(({ id }) => !here.versionIds.has(id));

/** What is done with an entry that is here too; nothing where what is here stays. */
function stepOver(entry: Entry, here: Held, differs: boolean, mode: RestoreMode): Step | undefined {
  const writes = differs && (mode === 'replace' || stampOf(entry) > here.stamp),
    versions = versionsToWrite(entry, here, mode);
  if (!writes && !(mode === 'merge' && versions.length > 0)) return undefined;
  return { entry, isNew: false, writes, version: Math.max(writesOf(entry), here.version) + 1, versions };
}

async function planOfKind(
  kind: BackupKind,
  given: readonly Entry[],
  held: Map<string, Held>,
  mode: RestoreMode,
): Promise<KindPlan> {
  const steps: Step[] = [],
    come = new Names(),
    change = new Names(),
    goes = new Names(),
    stay = new Names();
  let same = 0;
  for (const [at, entry] of given.entries()) {
    if (at % AT_ONCE === 0) await breathe();
    const key = keyOf(kind, entry),
      here = held.get(key),
      name = nameOf(kind, entry);
    held.delete(key);
    if (!here) {
      come.add(name);
      steps.push({
        entry,
        isNew: true,
        writes: true,
        version: writesOf(entry),
        versions: versionsOf(entry),
      });
      continue;
    }
    const differs = here.digest !== digestFor(entry, mode),
      step = stepOver(entry, here, differs, mode);
    if (step) {
      change.add(name);
      steps.push(step);
    } else if (differs) stay.add(name);
    else same += 1;
  }
  if (mode === 'replace') for (const { name } of held.values()) goes.add(name);
  return {
    steps,
    go: mode === 'replace' ? [...held.keys()] : [],
    view: { kind, come: come.view, change: change.view, go: goes.view, stay: stay.view, same },
  };
}

/** An older backup says nothing of a kind that came later: what is here stays. */
const untouched = (kind: BackupKind): KindPlan => ({
  steps: [],
  go: [],
  view: { kind, come: NONE, change: NONE, go: NONE, stay: NONE, same: 0 },
});

/**
 * Holds a backup against what is here. Replacing makes the kitchen what the backup says; merging adds what is missing and, where both have it,
 * keeps whatever was changed later; merged, nothing goes.
 */
export async function planOf(em: EntityManager, backup: BackupDocument, mode: RestoreMode): Promise<Plan> {
  const plans = new Map<BackupKind, KindPlan>();
  for (const kind of backupKinds) {
    const given = backup[kind] as readonly Entry[] | undefined;
    plans.set(
      kind,
      given ? await planOfKind(kind, given, await heldOf(em, kind, mode), mode) : untouched(kind),
    );
  }
  const each = <T>(part: (plan: KindPlan) => T) =>
    Object.fromEntries([...plans].map(([kind, plan]) => [kind, part(plan)]));
  return {
    steps: each(({ steps }) => steps) as unknown as Plan['steps'],
    go: each(({ go }) => go) as unknown as Plan['go'],
    kinds: [...plans.values()].map(({ view }) => view),
  };
}
