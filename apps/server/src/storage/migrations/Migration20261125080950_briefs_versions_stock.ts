import { Migration } from '@mikro-orm/migrations';

export class Migration20261125080950_briefs_versions_stock extends Migration {

  override async up(): Promise<void> {
    this.addSql(`create table \`formula_version\` (\`id\` text not null, \`formula_id\` text not null, \`name\` text not null, \`why\` text not null, \`content\` json not null, \`kept_at\` datetime not null, constraint \`formula_version_formula_id_foreign\` foreign key(\`formula_id\`) references \`formula\`(\`id\`) on delete cascade on update cascade, primary key (\`id\`), constraint formula_version_name_given check (length(trim(name)) > 0));`);
    this.addSql(`create index \`formula_version_formula_id_index\` on \`formula_version\` (\`formula_id\`);`);
    this.addSql(`create unique index \`formula_version_formula_id_name_unique\` on \`formula_version\` (\`formula_id\`, \`name\`);`);

    this.addSql(`create table \`saved_brief\` (\`id\` text not null, \`name\` text not null, \`brief\` json not null, \`kept_at\` datetime not null, primary key (\`id\`), constraint saved_brief_name_given check (length(trim(name)) > 0));`);
    this.addSql(`create unique index \`saved_brief_name_unique\` on \`saved_brief\` (\`name\`);`);

    this.addSql(`create table \`stock\` (\`ingredient\` text not null, \`grams\` real not null, \`said_at\` datetime not null, primary key (\`ingredient\`), constraint stock_not_negative check (grams >= 0));`);

    this.addSql(`alter table \`formula\` add column \`brief\` json null;`);

    this.addSql(`alter table \`formula_line\` add column \`hold\` json null;`);
  }

}
