import { Migration } from '@mikro-orm/migrations';

export class Migration20261125030800_needs_and_labels extends Migration {

  override async up(): Promise<void> {
    this.addSql(`create table \`pack_label\` (\`ingredient\` text not null, \`text\` text not null, \`contains\` json not null, \`ask_for\` json not null, \`read_on\` datetime not null, primary key (\`ingredient\`), constraint pack_label_text_given check (length(text) > 0));`);

    this.addSql(`alter table \`eater\` add column \`guest\` integer not null default false;`);

    // SQLite changes no check in place: the table is made anew and its rows carried over.
    this.addSql(`create table \`eater_need_next\` (\`key\` integer not null primary key autoincrement, \`eater_id\` text not null, \`position\` integer not null, \`kind\` text not null, \`allergen\` text null, \`ingredient\` text null, \`strictness\` text null, \`traces\` integer not null, \`grams_per_portion\` real null, \`compound\` text null, \`rule\` text null, constraint \`eater_need_eater_id_foreign\` foreign key(\`eater_id\`) references \`eater\`(\`id\`) on delete cascade on update cascade, constraint eater_need_has_its_fields check ((kind = 'allergen' and allergen is not null and strictness is not null) or (kind = 'ingredient' and ingredient is not null and strictness is not null) or (kind = 'salt-limit' and grams_per_portion > 0) or (kind = 'compound' and compound is not null and grams_per_portion > 0) or (kind = 'rule' and rule is not null)));`);
    this.addSql(`insert into \`eater_need_next\` (\`key\`, \`eater_id\`, \`position\`, \`kind\`, \`allergen\`, \`ingredient\`, \`strictness\`, \`traces\`, \`grams_per_portion\`) select \`key\`, \`eater_id\`, \`position\`, \`kind\`, case \`allergen\` when 'oats' then 'oat' when 'oats-gluten-free' then 'oat-gluten-free' else \`allergen\` end, \`ingredient\`, \`strictness\`, \`traces\`, \`grams_per_portion\` from \`eater_need\`;`);
    this.addSql(`drop table \`eater_need\`;`);
    this.addSql(`alter table \`eater_need_next\` rename to \`eater_need\`;`);
    this.addSql(`create index \`eater_need_eater_id_index\` on \`eater_need\` (\`eater_id\`);`);
  }

}
