import { Injectable } from '@nestjs/common';
import { dayAt, type Day } from '@kestrel-ridge/core/quantity';

/** The one door to the time of day. */
@Injectable()
export class Clock {
  now(): Date {
    return new Date();
  }

  today(zone: string): Day {
    return dayAt(this.now(), zone);
  }
}
