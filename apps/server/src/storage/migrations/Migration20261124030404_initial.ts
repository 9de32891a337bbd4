import { Migration } from '@mikro-orm/migrations';

export class Migration20261124030404_initial extends Migration {

  override async up(): Promise<void> {
    this.addSql(`create table \`eater\` (\`id\` text not null, \`version\` integer not null, \`position\` integer not null, \`name\` text not null, \`eats_tonight\` integer not null, \`deleted_at\` datetime null, primary key (\`id\`), constraint eater_name_given check (length(trim(name)) > 0), constraint eater_version_counts check (version >= 1));`);

    this.addSql(`create table \`eater_need\` (\`key\` integer not null primary key autoincrement, \`eater_id\` text not null, \`position\` integer not null, \`kind\` text not null, \`allergen\` text null, \`ingredient\` text null, \`strictness\` text null, \`traces\` integer not null, \`grams_per_portion\` real null, constraint \`eater_need_eater_id_foreign\` foreign key(\`eater_id\`) references \`eater\`(\`id\`) on delete cascade on update cascade, constraint eater_need_has_its_fields check ((kind = 'allergen' and allergen is not null and strictness is not null) or (kind = 'ingredient' and ingredient is not null and strictness is not null) or (kind = 'salt-limit' and grams_per_portion > 0)));`);
    this.addSql(`create index \`eater_need_eater_id_index\` on \`eater_need\` (\`eater_id\`);`);

    this.addSql(`create table \`formula\` (\`id\` text not null, \`version\` integer not null, \`name\` text not null, \`family\` text not null, \`portions\` real not null, \`note\` text not null, \`process\` json not null, \`serve\` json not null, \`created_at\` datetime not null, \`updated_at\` datetime not null, \`deleted_at\` datetime null, primary key (\`id\`), constraint formula_name_given check (length(trim(name)) > 0), constraint formula_portions_positive check (portions > 0), constraint formula_version_counts check (version >= 1));`);

    this.addSql(`create table \`formula_line\` (\`key\` integer not null primary key autoincrement, \`formula_id\` text not null, \`line_id\` text not null, \`position\` integer not null, \`ingredient\` text not null, \`amount\` real not null, \`unit\` text not null, \`role\` text not null, \`preparation\` text not null, \`stage\` text not null, constraint \`formula_line_formula_id_foreign\` foreign key(\`formula_id\`) references \`formula\`(\`id\`) on delete cascade on update cascade, constraint formula_line_amount_not_negative check (amount >= 0));`);
    this.addSql(`create index \`formula_line_formula_id_index\` on \`formula_line\` (\`formula_id\`);`);
    this.addSql(`create unique index \`formula_line_formula_id_line_id_unique\` on \`formula_line\` (\`formula_id\`, \`line_id\`);`);
  }

}
