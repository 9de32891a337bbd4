import { Injectable } from '@nestjs/common';

/** The time, injected so that tests can set it. */
@Injectable()
export class Clock {
  now(): Date {
    return new Date();
  }
}
