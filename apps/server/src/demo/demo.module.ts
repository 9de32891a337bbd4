import { Module } from '@nestjs/common';
import { DishModule } from '../dish/dish.module.js';
import { EaterModule } from '../eater/eater.module.js';
import { FormulaModule } from '../formula/formula.module.js';
import { HouseholdModule } from '../household/household.module.js';
import { LabelModule } from '../label/label.module.js';
import { VesselModule } from '../vessel/vessel.module.js';
import { DemoLoader } from './demo-loader.js';

/** Fills an empty kitchen with an invented household. */
@Module({
  imports: [EaterModule, FormulaModule, LabelModule, DishModule, VesselModule, HouseholdModule],
  providers: [DemoLoader],
})
export class DemoModule {}
