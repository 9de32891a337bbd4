import { Migration } from '@mikro-orm/migrations';

export class Migration20261127053458_dishes_and_vessels extends Migration {

  override async up(): Promise<void> {
    this.addSql(`create table \`dish\` (\`id\` text not null, \`version\` integer not null, \`name\` text not null, \`content\` json not null, \`created_at\` datetime not null, \`updated_at\` datetime not null, \`deleted_at\` datetime null, primary key (\`id\`), constraint dish_name_given check (length(trim(name)) > 0), constraint dish_version_counts check (version >= 1));`);

    this.addSql(`create table \`vessel\` (\`id\` text not null, \`version\` integer not null, \`name\` text not null, \`shape\` text not null, \`length_cm\` real null, \`width_cm\` real null, \`diameter_cm\` real null, \`depth_cm\` real not null, \`deleted_at\` datetime null, primary key (\`id\`), constraint vessel_name_given check (length(trim(name)) > 0), constraint vessel_version_counts check (version >= 1), constraint vessel_shape_measured check ((shape = 'round' and diameter_cm > 0 and length_cm is null and width_cm is null) or (shape = 'rectangular' and length_cm > 0 and width_cm > 0 and diameter_cm is null)), constraint vessel_depth_positive check (depth_cm > 0));`);

    this.addSql(`alter table \`household\` add column \`dishes\` json null;`);
  }

}
