import { Migration } from '@mikro-orm/migrations';

/** A line may wait for its amount, which SQLite allows only in a table made anew; a forgotten version is kept for bringing back. */
export class Migration20261126002000_amounts_and_versions_put_away extends Migration {

  override async up(): Promise<void> {
    this.addSql(`create table \`formula_line_anew\` (\`key\` integer not null primary key autoincrement, \`formula_id\` text not null, \`line_id\` text not null, \`position\` integer not null, \`ingredient\` text not null, \`amount\` real null, \`unit\` text not null, \`role\` text not null, \`preparation\` text not null, \`stage\` text not null, \`hold\` json null, constraint \`formula_line_formula_id_foreign\` foreign key(\`formula_id\`) references \`formula\`(\`id\`) on delete cascade on update cascade, constraint formula_line_amount_not_negative check (amount >= 0));`);
    this.addSql(`insert into \`formula_line_anew\` (\`key\`, \`formula_id\`, \`line_id\`, \`position\`, \`ingredient\`, \`amount\`, \`unit\`, \`role\`, \`preparation\`, \`stage\`, \`hold\`) select \`key\`, \`formula_id\`, \`line_id\`, \`position\`, \`ingredient\`, \`amount\`, \`unit\`, \`role\`, \`preparation\`, \`stage\`, \`hold\` from \`formula_line\`;`);
    this.addSql(`drop table \`formula_line\`;`);
    this.addSql(`alter table \`formula_line_anew\` rename to \`formula_line\`;`);
    this.addSql(`create index \`formula_line_formula_id_index\` on \`formula_line\` (\`formula_id\`);`);
    this.addSql(`create unique index \`formula_line_formula_id_line_id_unique\` on \`formula_line\` (\`formula_id\`, \`line_id\`);`);

    this.addSql(`alter table \`formula_version\` add column \`deleted_at\` datetime null;`);
    this.addSql(`drop index \`formula_version_formula_id_name_unique\`;`);
    this.addSql(`create unique index \`formula_version_name_once\` on \`formula_version\` (\`formula_id\`, \`name\`) where \`deleted_at\` is null;`);
  }

}
