import { Migration } from '@mikro-orm/migrations';

export class Migration20261126162735_methods extends Migration {

  override async up(): Promise<void> {
    // SQLite takes a check only with the column that it comes with.
    this.addSql(`alter table \`formula\` add column \`method\` json null;`);
    this.addSql(`alter table \`formula\` add column \`writes_itself\` integer not null default false constraint formula_one_method check (not (writes_itself and method is not null));`);

    this.addSql(`alter table \`formula_line\` add column \`ready\` json null;`);
    this.addSql(`alter table \`formula_line\` add column \`weighed\` text null constraint formula_line_weighed_known check (weighed is null or weighed = 'ready');`);
  }

}
