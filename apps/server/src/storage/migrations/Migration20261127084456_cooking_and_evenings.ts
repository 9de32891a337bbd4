import { Migration } from '@mikro-orm/migrations';

export class Migration20261127084456_cooking_and_evenings extends Migration {

  override async up(): Promise<void> {
    this.addSql(`create table \`evening\` (\`id\` text not null, \`version\` integer not null, \`name\` text not null, \`content\` json not null, \`updated_at\` datetime not null, \`deleted_at\` datetime null, primary key (\`id\`), constraint evening_name_given check (length(trim(name)) > 0), constraint evening_version_counts check (version >= 1));`);

    this.addSql(`alter table \`household\` add column \`cooking\` json null;`);
  }

}
