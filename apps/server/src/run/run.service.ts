import type { EventsTaken, RunState } from '@kestrel-ridge/core/formats';
import { Injectable } from '@nestjs/common';
import { done, refused, type Outcome } from '@kestrel-ridge/core/quantity';
import { check, heatsOf, whoDoes } from '@kestrel-ridge/core/schedule';
import {
  expandSession,
  peopleFor,
  presentAt,
  withDials,
  withWishes,
  type Plan,
  type PlannedBatch,
} from '@kestrel-ridge/core/session';
import { Clock } from '../command/clock.ts';
import { CommandService } from '../command/command.service.ts';
import { Database } from '../database/database.ts';
import { KitchenRow } from '../kitchen/kitchen.model.ts';
import type { Refusal } from '../problem/problem.ts';
import { BatchRow, SessionRow } from '../session/session.model.ts';
import { scaleStored } from '../session/scaleStored.ts';
import type { EventsDto, StartRunDto } from './run.dto.ts';
import { AGAIN, sortEvents } from './sortEvents.ts';
import { EventRow, RunRow } from './run.model.ts';
import { runState } from './run.state.ts';

@Injectable()
export class RunService {
  constructor(
    private readonly commands: CommandService,
    private readonly database: Database,
    private readonly clock: Clock,
  ) {}

  /** The run of a session with all its events, or null when it was not started. */
  ofSession(kitchen: string, session: string): Promise<RunState | null> {
    return this.database.inKitchen(kitchen, async (transaction) => {
      const run = await RunRow.findOne({ where: { kitchen, session }, transaction });
      if (!run) return null;
      const events = await EventRow.findAll({
        where: { kitchen, run: run.id },
        order: ['clock', 'device', 'device_seq'],
        transaction,
      });
      return runState(run, events);
    });
  }

  /** Starts a session: the tasks are worked out again here, and the plan must keep every rule. */
  start(kitchen: string, key: string, dto: StartRunDto): Promise<{ readonly id: string }> {
    return this.commands.run(
      { kitchen, key, name: 'start run', body: dto, touches: ['run', 'week'] },
      async ({ transaction }): Promise<Outcome<{ id: string }, Refusal>> => {
        const session = await SessionRow.findOne({
          where: { kitchen, id: dto.session },
          transaction,
          lock: transaction.LOCK.UPDATE,
        });
        if (!session) return refused({ code: 'not found', what: 'session' });
        if (session.status !== 'planned')
          return refused({
            code: 'not now',
            detail: 'This session was started already.',
            remedy: 'Open its run: it goes on from where it is.',
          });
        const batches = await BatchRow.findAll({
          where: { kitchen, session: dto.session, status: 'planned' },
          order: ['id'],
          transaction,
        });
        if (batches.length === 0)
          return refused({
            code: 'not now',
            detail: 'There is nothing to cook in this session.',
            remedy: 'Choose a dish for the week first.',
          });
        const { equipment } = await KitchenRow.findByPk(kitchen, { transaction, rejectOnEmpty: true });
        // One after the other: a transaction is one connection.
        const planned: PlannedBatch[] = [];
        for (const batch of batches) planned.push({ id: batch.id, scaled: await scaleStored(batch, transaction) });
        const present = presentAt(equipment.people, session.cooks, session.startsAt.getTime(), equipment.zone);
        const expanded = expandSession(dto.session, planned, equipment, session.cooks);
        const tasks = withWishes(expanded, session.wishes, present);
        const { problem } = tasks;
        const [fault] = tasks.faults;
        if (fault)
          return refused({
            code: 'not now',
            detail: `${fault.dish} cannot be cooked with what is in this kitchen.`,
            remedy: 'Choose another way to cook it, or leave it out.',
          });
        const plan: Plan = dto.plan;
        const broken = check(problem, plan);
        if (broken.length > 0)
          return refused({
            code: 'not now',
            detail: 'The plan no longer fits: a dish, the kitchen or the number of cooks has changed.',
            remedy: 'Let the session be planned again, then start.',
          });
        const given = whoDoes(problem, plan, peopleFor(tasks, present, session.wishes.given));
        const who = given.ok ? given.who : {};
        const cooked = withDials(tasks, plan, heatsOf(problem, plan), equipment.ovens);
        await RunRow.create(
          {
            kitchen,
            id: dto.id,
            session: dto.session,
            startedAt: this.clock.now(),
            problem: cooked.tasks.problem,
            plan: cooked.plan,
            about: Object.fromEntries(
              Object.entries(cooked.tasks.about).map(([id, task]) => [
                id,
                { ...task, ...(who[id] ? { who: who[id] } : {}) },
              ]),
            ),
          },
          { transaction },
        );
        await session.update({ status: 'running', version: session.version + 1 }, { transaction });
        return done({ id: dto.id });
      },
    );
  }

  /**
   * Takes in events, each for itself: kept, had already, or refused with a reason. A device may send again what it is not sure of; what is refused never keeps away what
   * comes behind it.
   */
  record(kitchen: string, key: string, run: string, dto: EventsDto): Promise<EventsTaken> {
    return this.commands.run(
      { kitchen, key, name: 'record events', body: { run, ...dto }, touches: ['run'] },
      async ({ transaction }): Promise<Outcome<EventsTaken, Refusal>> => {
        // One at a time for a run: the numbers of its events are looked up and given out here.
        const row = await RunRow.findOne({ where: { kitchen, id: run }, transaction, lock: transaction.LOCK.UPDATE });
        if (!row) return refused({ code: 'not found', what: 'run' });
        const sorted = sortEvents(dto.events, {
          run: row,
          newestClock:
            (await EventRow.max<number | null, EventRow>('clock', { where: { kitchen, run }, transaction })) ?? 0,
          now: this.clock.now().getTime(),
        });
        const there = await EventRow.findAll({
          attributes: ['id', 'run'],
          where: { kitchen, id: sorted.events.map(({ id }) => id) },
          transaction,
        });
        const runOf = new Map(there.map((event) => [event.id, event.run]));
        const elsewhere = sorted.events.filter(({ id }) => runOf.has(id) && runOf.get(id) !== run);
        const fresh = sorted.events.filter(({ id }) => !runOf.has(id));
        const numbers = new Set(
          (
            await EventRow.findAll({
              attributes: ['device', 'deviceSeq'],
              where: { kitchen, run, device: [...new Set(fresh.map(({ device }) => device))] },
              transaction,
            })
          ).map(({ device, deviceSeq }) => `${deviceSeq} ${device}`),
        );
        const rows = fresh.map((event) => {
          const number = `${event.deviceSeq} ${event.device}`;
          // Two tabs of a device have counted alike: both taps are kept, the second under a name of its own.
          const device = numbers.has(number) ? `${event.device.slice(0, 40)} ${event.id}` : event.device;
          numbers.add(number);
          return { ...event, kitchen, run, device, at: new Date(event.at), receivedAt: this.clock.now() };
        });
        await EventRow.bulkCreate(rows, { transaction });
        return done({
          kept: fresh.map(({ id }) => id),
          had: there.filter((event) => event.run === run).map(({ id }) => id),
          refused: [
            ...sorted.refused,
            ...elsewhere.map(({ id }) => ({
              id,
              field: 'id',
              fault: 'Another run has an event of this id.',
              remedy: AGAIN,
            })),
          ],
        });
      },
    );
  }
}
