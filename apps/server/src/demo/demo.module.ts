import { Module } from '@nestjs/common';
import { EaterModule } from '../eater/eater.module.js';
import { FormulaModule } from '../formula/formula.module.js';
import { LabelModule } from '../label/label.module.js';
import { DemoLoader } from './demo-loader.js';

/** Fills an empty kitchen with an invented household. */
@Module({ imports: [EaterModule, FormulaModule, LabelModule], providers: [DemoLoader] })
export class DemoModule {}
