import { proxy, wrap, type Remote } from 'comlink';
import type { Day, Rec, Saving } from '@/core/bakeday';
import type { Result } from '@/core/failure';
import type { PlannerService, ShownPlan } from './planner-service';

/** The page's side of the planning worker. A newer question ends an older one. */
export class Planner {
  private readonly worker = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' });
  private readonly service: Remote<PlannerService> = wrap<PlannerService>(this.worker);

  async plan(day: Day, before: readonly Rec[], ms: number, onPlan: (plan: ShownPlan) => void): Promise<Result<ShownPlan> | null> {
    return this.service.plan(day, before, ms, proxy(onPlan));
  }

  async relief(day: Day, plan: readonly Rec[]): Promise<readonly Saving[] | null> {
    return this.service.relief(day, plan);
  }

  stop(): void {
    void this.service.stop();
  }

  close(): void {
    this.worker.terminate();
  }
}
