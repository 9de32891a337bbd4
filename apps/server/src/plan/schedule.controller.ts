import {
  eveningOf,
  progressOf,
  ScheduleRequest,
  type ScheduleResponse,
  viewOfSchedule,
} from '@alterum/contract';
import { problemsOfEvening } from '@alterum/core';
import { Body, Controller, HttpCode, Post } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { invalidInput } from '../platform/failure.js';
import { HeavyWork } from '../work/heavy-work.js';

/** The timetable of an evening. */
@ApiTags('plan')
@Controller('schedule')
export class ScheduleController {
  constructor(private readonly heavy: HeavyWork) {}

  /**
   * When each task begins, back from serving: nothing late, then the least standing, then the shortest evening. Lags run from the end of
   * one task to the start of the next; planning uses the high minutes. With
   * `progress` the rest of an evening that is being cooked: what is done stays, what goes on has its remaining minutes, and it is on the table
   * as little later as can be. Keeps nothing.
   */
  @Post()
  @HttpCode(200)
  async plan(@Body() request: ScheduleRequest): Promise<ScheduleResponse> {
    const evening = eveningOf(request),
      problems = problemsOfEvening(evening);
    if (problems.length > 0) throw invalidInput([...problems]);
    return viewOfSchedule(
      await this.heavy.run('schedule', {
        evening,
        ...(request.progress ? { progress: progressOf(request.progress) } : {}),
      }),
    );
  }
}
