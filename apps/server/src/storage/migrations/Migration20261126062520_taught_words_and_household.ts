import { Migration } from '@mikro-orm/migrations';

export class Migration20261126062520_taught_words_and_household extends Migration {

  override async up(): Promise<void> {
    this.addSql(`create table \`household\` (\`id\` text not null, \`law\` text null, \`pots\` json not null, \`versions\` json null, \`said_at\` datetime not null, primary key (\`id\`), constraint household_only_one check (id = 'here'), constraint household_law_known check (law is null or law in ('eu', 'us')));`);

    this.addSql(`create table \`taught_word\` (\`key\` text not null, \`word\` text not null, \`means\` text not null, \`taught_at\` datetime not null, primary key (\`key\`), constraint taught_word_given check (length(key) > 0 and length(word) > 0));`);
  }

}
