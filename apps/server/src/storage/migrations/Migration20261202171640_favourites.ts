import { Migration } from '@mikro-orm/migrations';

export class Migration20261202171640_favourites extends Migration {

  override async up(): Promise<void> {
    this.addSql(`alter table \`formula\` add column \`favourite\` integer not null default false;`);
  }

}
