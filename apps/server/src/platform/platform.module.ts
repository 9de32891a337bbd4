import { Global, Module } from '@nestjs/common';
import { HealthController } from '../health/health.controller.js';
import { RequestScope } from '../storage/request-scope.js';
import { HeavyWork } from '../work/heavy-work.js';
import { Clock } from './clock.js';
import { Ending } from './ending.js';

/** What every feature may ask for: the clock, the end of the server, a unit of work, work beside the thread that answers. */
@Global()
@Module({
  controllers: [HealthController],
  providers: [Clock, Ending, RequestScope, HeavyWork],
  exports: [Clock, Ending, RequestScope, HeavyWork],
})
export class PlatformModule {}
