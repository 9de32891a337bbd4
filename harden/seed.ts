import { createRequire } from 'node:module';

const Database = createRequire(__filename)('libsql') as new (file: string) => {
  exec(sql: string): void;
  prepare(sql: string): {
    all(): readonly Readonly<Record<string, unknown>>[];
    run(parameters: readonly unknown[]): void;
  };
  close(): void;
};
const words = ['Autumn', 'Velvet', 'Quick', 'Sunday', 'Golden', 'Smoky', 'Green', 'Mild', 'Sharp', 'Silky'];

/** Copies the formulas of a kitchen, under other names, until there are as many as asked; the server writes their words when it starts. */
export function seed(file: string, wanted: number): void {
  const database = new Database(file);
  const sources = database
    .prepare('select id from formula where turn is not null')
    .all()
    .map(({ id }) => String(id));
  const [{ last }] = database.prepare('select max(turn) as last from formula').all() as unknown as [
    { last: number },
  ];
  const formula = database.prepare(
    'insert into formula (id, version, name, family, portions, note, process, serve, brief, created_at, updated_at, deleted_at, turn) select ?, 1, ?, family, portions, note, process, serve, brief, created_at, updated_at + ?, null, ? from formula where id = ?',
  );
  const lines = database.prepare(
    'insert into formula_line (formula_id, line_id, position, ingredient, amount, unit, role, preparation, stage, hold) select ?, line_id, position, ingredient, amount, unit, role, preparation, stage, hold from formula_line where formula_id = ?',
  );
  database.exec('begin');
  for (let i = 0; i < wanted - sources.length; i++) {
    const id = `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`,
      source = sources[i % sources.length];
    formula.run([id, `${words[i % words.length]} batch ${i}`, i, last + 1 + i, source]);
    lines.run([id, source]);
  }
  database.exec('commit');
  database.close();
}
