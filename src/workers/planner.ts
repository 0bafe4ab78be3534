import type { Day, PlannedStep, Saving } from '@/core/bakeday';
import type { Result } from '@/core/failure';
import { answerOf, plainAnswerOf } from './answer';
import { browserLine } from './browser-line';
import { WorkerClient } from './client';
import type { PlannerExchanges, ShownPlan } from './planner-service';

const openLine = browserLine(() => new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' }));

/** The page's side of the planning worker. A newer question ends an older one, which then answers null, and so does what is left open. */
export class Planner {
  private readonly client = new WorkerClient<PlannerExchanges>(openLine);
  private ongoing = new AbortController();

  async plan(
    day: Day,
    before: readonly PlannedStep[],
    searches: number,
    onTold: (plan: ShownPlan) => void,
  ): Promise<Result<ShownPlan> | null> {
    const signal = this.anew();
    return answerOf(this.client.ask('plan', { day, before, searches }, { signal, onTold }));
  }

  async relief(day: Day, plan: readonly PlannedStep[]): Promise<Result<readonly Saving[]> | null> {
    const signal = this.anew();
    return plainAnswerOf(this.client.ask('relief', { day, plan }, { signal }));
  }

  stop(): void {
    this.ongoing.abort();
  }

  close(): void {
    this.stop();
    this.client.close();
  }

  private anew(): AbortSignal {
    this.ongoing.abort();
    this.ongoing = new AbortController();
    return this.ongoing.signal;
  }
}
