import type { RunState } from '@kestrel-ridge/core/formats';
import { Injectable } from '@nestjs/common';
import { done, refused, type Outcome } from '@kestrel-ridge/core/quantity';
import { laterId, type RunFact } from '@kestrel-ridge/core/run';
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
import { unsaidIn, type EventsDto, type StartRunDto } from './run.dto.ts';
import { EventRow, RunRow } from './run.model.ts';
import { eventState } from './run.state.ts';

/** Ids of tasks that nobody had planned begin so. */
const ADDED = 'added/';

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
      const { id, startedAt, problem, plan, about } = run;
      return { id, session, startedAt: startedAt.toISOString(), problem, plan, about, events: events.map(eventState) };
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

  /** Takes in events; those it has already are let pass, so a device may send again what it is not sure of. */
  record(kitchen: string, key: string, run: string, dto: EventsDto): Promise<{ readonly kept: number }> {
    return this.commands.run(
      { kitchen, key, name: 'record events', body: { run, ...dto }, touches: ['run'] },
      async ({ transaction }): Promise<Outcome<{ kept: number }, Refusal>> => {
        const row = await RunRow.findOne({ where: { kitchen, id: run }, transaction });
        if (!row) return refused({ code: 'not found', what: 'run' });
        const strange = dto.events.find(({ what }) => !isOfRun(what.task, row));
        if (strange)
          return refused({
            code: 'invalid',
            faults: [
              {
                field: `events.${strange.id}`,
                fault: 'It names a task that is not in this run.',
                remedy: 'Reload the run.',
              },
            ],
          });
        const unwhole = dto.events.find((event) => unsaidIn(event.what) !== undefined);
        if (unwhole)
          return refused({
            code: 'invalid',
            faults: [
              {
                field: `events.${unwhole.id}`,
                fault:
                  unwhole.what.kind === 'not yet'
                    ? 'It does not say how much longer.'
                    : `It does not say its ${unsaidIn(unwhole.what) ?? ''}.`,
                remedy: unwhole.what.kind === 'not yet' ? 'Choose some minutes.' : 'Reload the run and say it again.',
              },
            ],
          });
        const rows = await EventRow.bulkCreate(
          dto.events.map((event) => ({
            kitchen,
            run,
            id: event.id,
            device: event.device,
            deviceSeq: event.deviceSeq,
            clock: event.clock,
            at: new Date(event.at),
            what: event.what as RunFact,
            receivedAt: this.clock.now(),
          })),
          { transaction, ignoreDuplicates: true },
        );
        return done({ kept: rows.length });
      },
    );
  }
}

/** Planned, added on the way, or put off at the gate of one that was planned. */
const isOfRun = (task: string, { about }: RunRow): boolean =>
  about[task] !== undefined ||
  task.startsWith(ADDED) ||
  Object.values(about).some(({ id, goesIn }) => goesIn.some(({ line }) => task === laterId(id, line)));
