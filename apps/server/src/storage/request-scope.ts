import { MikroORM, RequestContext } from '@mikro-orm/core';
import { Injectable } from '@nestjs/common';

/** A unit of work for what runs outside a request, such as start-up. */
@Injectable()
export class RequestScope {
  constructor(private readonly orm: MikroORM) {}

  run<T>(work: () => Promise<T>): Promise<T> {
    return RequestContext.create(this.orm.em, work);
  }
}
