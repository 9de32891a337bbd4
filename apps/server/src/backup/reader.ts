import { keyFieldOf, keyOf } from './entry-key.js';
import { Transform, type Readable, Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  BackupBrief,
  BackupDish,
  BackupEvening,
  BackupDocument,
  BackupFormula,
  type BackupKind,
  backupKinds,
  BackupLabel,
  backupLimits,
  BackupHousehold,
  BackupOwnIngredient,
  BackupPerson,
  BackupStock,
  BackupVessel,
  BackupWord,
  type FieldProblem,
  kindsSinceTheFirst,
} from '@alterum/contract';
import { LONGEST_TAUGHT, taughtKey } from '@alterum/core';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { parser } from 'stream-json';
import Assembler from 'stream-json/Assembler';
import { isReserved, shapeTrouble } from '../platform/body-shape.js';
import { Failure } from '../platform/failure.js';
import { fieldProblems, strictly } from '../platform/validation.js';
import { MOST_BYTES, MOST_PROBLEMS, MOST_VALUES_OF_ENTRY } from './backup.params.js';

const classes: Readonly<Record<BackupKind, new () => object>> = {
  people: BackupPerson,
  ownIngredients: BackupOwnIngredient,
  labels: BackupLabel,
  words: BackupWord,
  stock: BackupStock,
  briefs: BackupBrief,
  vessels: BackupVessel,
  formulas: BackupFormula,
  dishes: BackupDish,
  evenings: BackupEvening,
  household: BackupHousehold,
};

const isKind = (name: string): name is BackupKind => (backupKinds as readonly string[]).includes(name);

interface Token {
  readonly name: string;
  readonly value?: string;
}

const unreadable = (why: string): Failure =>
  new Failure('unreadable-body', `Nothing was changed. ${why} Choose a backup that Alterum wrote.`);

const tooLarge = (): Failure =>
  new Failure(
    'too-large',
    `Nothing was changed. A backup of more than ${MOST_BYTES / 1_000_000} MB is not read.`,
  );

/** Collects a backup token by token: its head, and its entries one by one, each checked as it is whole. */
class Collector {
  readonly head: Record<string, unknown> = {};
  readonly entries: Record<BackupKind, object[]> = Object.fromEntries(
    backupKinds.map((kind) => [kind, []]),
  ) as unknown as Record<BackupKind, object[]>;
  readonly problems: FieldProblem[] = [];
  readonly found = new Set<string>();
  private depth = 0;
  private field = '';
  private assembler: Assembler | undefined;

  /** @returns whether an entry is whole */
  take(token: Token): boolean {
    const { name, value } = token;
    if (this.assembler) return this.goOn(token);
    if (name === 'startObject' || name === 'startArray') {
      this.depth += 1;
      const begins =
        this.depth === 1
          ? name === 'startObject'
          : this.depth === 2 && name === 'startArray' && isKind(this.field);
      if (begins) {
        if (this.depth === 2) {
          // A newer document may hold anything: its age is told before its parts are looked at.
          if (this.head['formatVersion'] !== undefined) checkVersion(this.head['formatVersion']);
          this.found.add(this.field);
        }
        return false;
      }
      if (this.depth === 1) throw unreadable('This is no backup: it does not begin with “{”.');
      // A part that is not known, or an entry of a list.
      this.depth -= 1;
      this.assembler = new Assembler();
      return this.goOn(token);
    }
    if (name === 'endObject' || name === 'endArray') this.depth -= 1;
    else if (name === 'keyValue') this.field = value ?? '';
    else if (this.depth === 2) this.refuseEntry(this.field as BackupKind);
    else if (this.depth === 1) this.head[this.field] = name === 'numberValue' ? Number(value) : value;
    return false;
  }

  private goOn(token: Token): boolean {
    const assembler = this.assembler as Assembler;
    // Put into an object, it would change what the object is.
    if (token.name === 'keyValue' && isReserved(token.value ?? ''))
      throw unreadable(`“${token.value}” cannot be the name of a field.`);
    assembler.consume(token);
    if (!assembler.done) return false;
    this.assembler = undefined;
    if (this.depth === 2) this.check(this.field as BackupKind, assembler.current as unknown);
    else
      this.refuse(
        this.field,
        isKind(this.field)
          ? `“${this.field}” must be a list.`
          : `“${this.field}” is not a part that is known here.`,
      );
    return true;
  }

  private check(kind: BackupKind, entry: unknown): void {
    const list = this.entries[kind],
      field = `${kind}[${list.length}]`;
    if (list.length >= backupLimits[kind])
      throw unreadable(`“${kind}” holds more than ${backupLimits[kind]} entries.`);
    const trouble = shapeTrouble(entry, MOST_VALUES_OF_ENTRY);
    if (trouble) return this.refuse(`${field}.${trouble.field}`, trouble.message, entry, list);
    if (Array.isArray(entry)) return this.refuseEntry(kind);
    const instance = plainToInstance(classes[kind], entry as object);
    for (const { field: part, message } of fieldProblems(validateSync(instance, strictly)))
      this.refuse(`${field}.${part}`, message);
    list.push(instance);
  }

  /** It keeps its place: what is wrong behind it is told by the number that it has in the document. */
  private refuseEntry(kind: BackupKind): void {
    const list = this.entries[kind];
    this.refuse(`${kind}[${list.length}]`, 'Each entry of the list must be an object.', {}, list);
  }

  private refuse(field: string, message: string, entry?: unknown, list?: object[]): void {
    list?.push(entry as object);
    this.problems.push({ field, message });
    if (this.problems.length >= MOST_PROBLEMS) throw invalid(this.problems);
  }
}

const invalid = (errors: readonly FieldProblem[]): Failure =>
  new Failure(
    'invalid-input',
    `Nothing was changed. The backup holds what cannot be taken: ${errors[0]?.field}: ${errors[0]?.message}`,
    { errors },
  );

const limited = () => {
  let bytes = 0;
  return new Transform({
    transform(chunk: Buffer, _encoding, done) {
      bytes += chunk.length;
      done(bytes > MOST_BYTES ? tooLarge() : null, chunk);
    },
  });
};

/**
 * Reads a backup as it comes in, without standing in the way of others, and checks all of it.
 * @throws Failure naming what is wrong: no JSON, cut off, another format, a newer one, or the entry and its field
 */
export async function readBackup(source: Readable | AsyncIterable<string | Buffer>): Promise<BackupDocument> {
  const collector = new Collector();
  const sink = new Writable({
    objectMode: true,
    write(token: Token, _encoding, done) {
      try {
        // After every entry the others have a turn.
        if (collector.take(token)) setImmediate(done);
        else done();
      } catch (error) {
        done(error as Error);
      }
    },
  });
  try {
    await pipeline(source, limited(), parser({ streamValues: false }), sink);
  } catch (error) {
    if (error instanceof Failure) throw error;
    const { message, code } = error as { readonly message?: string; readonly code?: string };
    if (/^Parser /.test(message ?? '')) throw unreadable('This is no whole JSON document.');
    if (/PREMATURE_CLOSE|ECONNRESET/.test(code ?? '')) throw unreadable('It broke off on its way.');
    throw error;
  }
  checkHead(collector.head);
  const formatVersion = Number(collector.head['formatVersion']);
  const absent = backupKinds.filter((kind) => !collector.found.has(kind));
  const missing = absent.filter((kind) => (kindsSinceTheFirst[kind] ?? 1) <= formatVersion);
  const problems = [
    ...collector.problems,
    ...missing.map((kind) => ({ field: kind, message: `“${kind}” is missing.` })),
    ...repeated(collector.entries),
  ];
  if (problems.length > 0) throw invalid(problems.slice(0, MOST_PROBLEMS));
  const entries = Object.fromEntries(
    Object.entries(collector.entries).filter(([kind]) => collector.found.has(kind)),
  );
  return Object.assign(new BackupDocument(), collector.head, entries);
}

function checkHead({ format, formatVersion, madeAt }: Readonly<Record<string, unknown>>): void {
  if (format !== BACKUP_FORMAT)
    throw unreadable(`This is no backup of a kitchen: its “format” is not “${BACKUP_FORMAT}”.`);
  checkVersion(formatVersion);
  if (typeof madeAt !== 'string' || Number.isNaN(Date.parse(madeAt)))
    throw unreadable('It does not say when it was made.');
}

function checkVersion(formatVersion: unknown): void {
  if (typeof formatVersion !== 'number' || formatVersion > BACKUP_VERSION)
    throw new Failure(
      'invalid-input',
      `Nothing was changed. This backup was written by a newer Alterum (format version ${String(formatVersion)}; this one reads up to ${BACKUP_VERSION}). Bring it back with that one.`,
      { errors: [{ field: 'formatVersion', message: 'This format is newer than what is read here.' }] },
    );
}

/** What may be taught now, not only what could be taught when the backup was made: a word that is known by now keeps its meaning. */
function checkWord(word: string, field: string, problems: FieldProblem[]): void {
  const key = taughtKey(word);
  if (key === '' || key.length > LONGEST_TAUGHT)
    problems.push({ field, message: 'This is no word that can be taught.' });
}

/** What may be there only once. */
function repeated(entries: Readonly<Record<BackupKind, readonly object[]>>): FieldProblem[] {
  const problems: FieldProblem[] = [];
  const once = (seen: Set<string>, key: string, field: string, message: string) => {
    if (seen.has(key)) problems.push({ field, message });
    seen.add(key);
  };
  for (const kind of backupKinds) {
    const seen = new Set<string>();
    (entries[kind] as readonly Readonly<Record<string, unknown>>[]).forEach((entry, i) => {
      const field = keyFieldOf[kind],
        key = String(entry[field]);
      if (kind === 'words') checkWord(key, `words[${i}].word`, problems);
      once(seen, keyOf(kind, entry), `${kind}[${i}].${field}`, `“${key}” is there twice.`);
      if (typeof entry['name'] === 'string' && entry['name'].trim() === '')
        problems.push({ field: `${kind}[${i}].name`, message: 'The name is empty.' });
    });
  }
  const versions = new Set<string>();
  (entries.formulas as readonly BackupFormula[]).forEach((formula, i) => {
    const lines = new Set<string>(),
      names = new Set<string>();
    formula.lines?.forEach(
      (line, k) =>
        line.id !== undefined &&
        once(lines, line.id, `formulas[${i}].lines[${k}].id`, 'Two lines carry the same id.'),
    );
    formula.versions?.forEach((version, k) => {
      once(versions, version.id, `formulas[${i}].versions[${k}].id`, 'Two versions carry the same id.');
      if (!version.putAwayAt)
        once(
          names,
          version.name.trim(),
          `formulas[${i}].versions[${k}].name`,
          'Two versions carry the same name.',
        );
      if (version.name.trim() === '')
        problems.push({ field: `formulas[${i}].versions[${k}].name`, message: 'The name is empty.' });
    });
  });
  return problems;
}
