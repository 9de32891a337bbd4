import {
  EveningBody,
  type HouseholdView,
  KitchenBody,
  LawBody,
  TonightBody,
  type UsedIngredientView,
  VersionsBody,
} from '@alterum/contract';
import { Body, Controller, Get, Put } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { HouseholdService } from './household.service.js';

@ApiTags('table')
@Controller('household')
export class HouseholdController {
  constructor(private readonly household: HouseholdService) {}

  @Get()
  read(): Promise<HouseholdView> {
    return this.household.read();
  }

  @Put('law')
  law(@Body() body: LawBody): Promise<HouseholdView> {
    return this.household.chooseLaw(body);
  }

  @Put('kitchen')
  kitchen(@Body() body: KitchenBody): Promise<HouseholdView> {
    return this.household.measureWith(body);
  }

  /** In how many formulas each ingredient stands, those of the last changed formula first. */
  @Get('used')
  used(): Promise<readonly UsedIngredientView[]> {
    return this.household.used();
  }

  @Put('evening')
  evening(@Body() body: EveningBody): Promise<HouseholdView> {
    return this.household.eatAt(body);
  }

  @Put('tonight')
  tonight(@Body() body: TonightBody): Promise<HouseholdView> {
    return this.household.cookTonight(body);
  }

  @Put('versions')
  versions(@Body() body: VersionsBody): Promise<HouseholdView> {
    return this.household.divide(body);
  }
}
