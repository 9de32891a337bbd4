import { LibSqlDriver } from '@mikro-orm/libsql';
import { MikroOrmModule } from '@mikro-orm/nestjs';
import { Module } from '@nestjs/common';
import { DemoLoader } from './demo/demo-loader.js';
import { EaterController } from './eater/eater.controller.js';
import { EaterService } from './eater/eater.service.js';
import { FormulaController } from './formula/formula.controller.js';
import { FormulaService } from './formula/formula.service.js';
import { HealthController } from './health/health.controller.js';
import { IngredientController } from './larder/ingredient.controller.js';
import { LabelController } from './label/label.controller.js';
import { LabelService } from './label/label.service.js';
import { WhoCanEatController } from './who-can-eat/who-can-eat.controller.js';
import { WhoCanEatService } from './who-can-eat/who-can-eat.service.js';
import { LarderService } from './larder/larder.service.js';
import { OwnIngredientController } from './larder/own-ingredient.controller.js';
import { OwnIngredientService } from './larder/own-ingredient.service.js';
import { OwnLarder } from './larder/own-larder.js';
import { Clock } from './platform/clock.js';
import { PredictController } from './predict/predict.controller.js';
import { PredictService } from './predict/predict.service.js';
import { ormConfig } from './storage/orm.config.js';
import { RequestScope } from './storage/request-scope.js';

@Module({
  imports: [MikroOrmModule.forRootAsync({ driver: LibSqlDriver, useFactory: () => ormConfig() })],
  controllers: [
    HealthController,
    IngredientController,
    OwnIngredientController,
    FormulaController,
    EaterController,
    PredictController,
    LabelController,
    WhoCanEatController,
  ],
  providers: [
    Clock,
    RequestScope,
    OwnLarder,
    OwnIngredientService,
    LarderService,
    FormulaService,
    EaterService,
    PredictService,
    LabelService,
    WhoCanEatService,
    DemoLoader,
  ],
})
export class AppModule {}
