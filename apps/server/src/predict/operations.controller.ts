import { type OperationView, operationViews } from '@alterum/contract';
import { Controller, Get } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';

/** What a method can be made of. */
@ApiTags('predict')
@Controller('operations')
export class OperationsController {
  /** Every kind of operation with its fields, their units, limits and usual values. */
  @Get()
  list(): readonly OperationView[] {
    return operationViews();
  }
}
