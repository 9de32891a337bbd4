import { Migration } from '@mikro-orm/migrations';

/** The order of the list is kept with each formula, and what a search finds is kept as an index of words; the server fills it when it starts. */
export class Migration20261126060000_formulas_by_turn extends Migration {

  override async up(): Promise<void> {
    this.addSql(`alter table \`formula\` add column \`turn\` integer null;`);
    this.addSql(`update \`formula\` set \`turn\` = (select \`by_change\`.\`place\` from (select \`id\`, row_number() over (order by \`updated_at\`, \`name\` desc) as \`place\` from \`formula\` where \`deleted_at\` is null) as \`by_change\` where \`by_change\`.\`id\` = \`formula\`.\`id\`);`);
    this.addSql(`create unique index \`formula_turn_unique\` on \`formula\` (\`turn\`);`);
    this.addSql(`create index \`formula_line_ingredient_index\` on \`formula_line\` (\`ingredient\`);`);
    this.addSql(`create virtual table \`formula_search\` using fts5(\`name\`, \`kind\`, \`ingredients\`, \`note\`, \`larder\` unindexed, tokenize = "unicode61 remove_diacritics 2", prefix = '2 3');`);
  }

}
