import { Migration } from '@mikro-orm/migrations';

export class Migration20261126230031_ranges_and_kitchens extends Migration {

  override async up(): Promise<void> {
    // SQLite takes a check only with the column that it comes with.
    this.addSql(`alter table \`formula_line\` add column \`least\` real null;`);
    this.addSql(`alter table \`formula_line\` add column \`most\` real null constraint formula_line_range_holds check ((least is null) = (most is null) and (least is null or (least >= 0 and least <= amount and amount <= most)));`);

    this.addSql(`alter table \`household\` add column \`kitchen\` text null constraint household_kitchen_known check (kitchen is null or kitchen in ('us', 'metric', 'australian', 'imperial'));`);
    this.addSql(`alter table \`household\` add column \`evening\` json null;`);
  }

}
