import { MikroOrmModule } from '@mikro-orm/nestjs';
import { Module } from '@nestjs/common';
import { DemoLoader } from './demo/demo-loader.js';
import { SavedBriefController } from './brief/saved-brief.controller.js';
import { SavedBriefService } from './brief/saved-brief.service.js';
import { BackupController } from './backup/backup.controller.js';
import { BackupService } from './backup/backup.service.js';
import { EaterController } from './eater/eater.controller.js';
import { EaterService } from './eater/eater.service.js';
import { FormulaController } from './formula/formula.controller.js';
import { FormulaList } from './formula/formula-list.js';
import { FormulaService } from './formula/formula.service.js';
import { VersionController } from './formula/version.controller.js';
import { VersionService } from './formula/version.service.js';
import { HealthController } from './health/health.controller.js';
import { IngredientController } from './larder/ingredient.controller.js';
import { LabelController } from './label/label.controller.js';
import { LabelService } from './label/label.service.js';
import { TaughtWordController } from './label/taught-word.controller.js';
import { TaughtWordService } from './label/taught-word.service.js';
import { HouseholdController } from './household/household.controller.js';
import { HouseholdService } from './household/household.service.js';
import { WhoCanEatController } from './who-can-eat/who-can-eat.controller.js';
import { PortionService } from './who-can-eat/portion.service.js';
import { WhoCanEatService } from './who-can-eat/who-can-eat.service.js';
import { LarderService } from './larder/larder.service.js';
import { OwnIngredientController } from './larder/own-ingredient.controller.js';
import { OwnIngredientService } from './larder/own-ingredient.service.js';
import { OwnLarder } from './larder/own-larder.js';
import { StockController } from './larder/stock.controller.js';
import { StockService } from './larder/stock.service.js';
import { Clock } from './platform/clock.js';
import { Ending } from './platform/ending.js';
import { PredictController } from './predict/predict.controller.js';
import { PredictService } from './predict/predict.service.js';
import { PutAwayController } from './put-away/put-away.controller.js';
import { PutAwayService } from './put-away/put-away.service.js';
import { HeavyWork } from './work/heavy-work.js';
import { DurableDriver } from './storage/durable-driver.js';
import { ormConfig } from './storage/orm.config.js';
import { RequestScope } from './storage/request-scope.js';

@Module({
  imports: [MikroOrmModule.forRootAsync({ driver: DurableDriver, useFactory: () => ormConfig() })],
  controllers: [
    HealthController,
    BackupController,
    PutAwayController,
    IngredientController,
    OwnIngredientController,
    FormulaController,
    VersionController,
    SavedBriefController,
    StockController,
    EaterController,
    PredictController,
    LabelController,
    TaughtWordController,
    HouseholdController,
    WhoCanEatController,
  ],
  providers: [
    Clock,
    Ending,
    RequestScope,
    HeavyWork,
    BackupService,
    OwnLarder,
    OwnIngredientService,
    LarderService,
    FormulaList,
    FormulaService,
    VersionService,
    PutAwayService,
    SavedBriefService,
    StockService,
    EaterService,
    PredictService,
    TaughtWordService,
    LabelService,
    HouseholdService,
    PortionService,
    WhoCanEatService,
    DemoLoader,
  ],
})
export class AppModule {}
