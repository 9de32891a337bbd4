import { Injectable, type OnApplicationShutdown } from '@nestjs/common';

/** What has to be done when everything else is closed. */
@Injectable()
export class Ending implements OnApplicationShutdown {
  private readonly work: (() => void)[] = [];

  afterAll(work: () => void): void {
    this.work.push(work);
  }

  onApplicationShutdown(): void {
    for (const work of this.work.splice(0)) work();
  }
}
