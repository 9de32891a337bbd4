import { MikroOrmModule } from '@mikro-orm/nestjs';
import { Module } from '@nestjs/common';
import { BackupModule } from './backup/backup.module.js';
import { SavedBriefModule } from './brief/saved-brief.module.js';
import { DemoModule } from './demo/demo.module.js';
import { DishModule } from './dish/dish.module.js';
import { EveningModule } from './evening/evening.module.js';
import { EaterModule } from './eater/eater.module.js';
import { FormulaModule } from './formula/formula.module.js';
import { FormulaFinderModule } from './formula-finder/formula-finder.module.js';
import { HouseholdModule } from './household/household.module.js';
import { LabelModule } from './label/label.module.js';
import { LarderModule } from './larder/larder.module.js';
import { OwnIngredientModule } from './larder/own-ingredient.module.js';
import { PlatformModule } from './platform/platform.module.js';
import { PredictModule } from './predict/predict.module.js';
import { PutAwayModule } from './put-away/put-away.module.js';
import { PlanModule } from './plan/plan.module.js';
import { RecipeModule } from './recipe/recipe.module.js';
import { VesselModule } from './vessel/vessel.module.js';
import { WhoCanEatModule } from './who-can-eat/who-can-eat.module.js';
import { DurableDriver } from './storage/durable-driver.js';
import { ormConfig } from './storage/orm.config.js';

/** The kitchen: one feature a noun, on one database file. */
@Module({
  imports: [
    MikroOrmModule.forRootAsync({ driver: DurableDriver, useFactory: () => ormConfig() }),
    PlatformModule,
    LarderModule,
    FormulaModule,
    FormulaFinderModule,
    OwnIngredientModule,
    SavedBriefModule,
    DishModule,
    EveningModule,
    EaterModule,
    LabelModule,
    HouseholdModule,
    PredictModule,
    WhoCanEatModule,
    VesselModule,
    RecipeModule,
    PlanModule,
    PutAwayModule,
    BackupModule,
    DemoModule,
  ],
})
export class AppModule {}
