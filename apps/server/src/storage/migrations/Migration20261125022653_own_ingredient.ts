import { Migration } from '@mikro-orm/migrations';

export class Migration20261125022653_own_ingredient extends Migration {

  override async up(): Promise<void> {
    this.addSql(`create table \`own_ingredient\` (\`id\` text not null, \`version\` integer not null, \`name\` text not null, \`like\` text null, \`role\` text null, \`label\` json not null, \`contains\` json not null, \`ask_for\` json not null, \`density\` real null, \`price_per_kg\` real null, \`created_at\` datetime not null, \`deleted_at\` datetime null, primary key (\`id\`), constraint own_ingredient_name_given check (length(trim(name)) > 0), constraint own_ingredient_version_counts check (version >= 1), constraint own_ingredient_id_is_its_own check (id like 'own-%'));`);
  }

}
