import type { Finish } from '../programme';
import type { ToKeep } from './keep';
import type { WorkedOut } from './prediction-run';
import { productOf } from './product';
import { sizeOf } from './treat';

/** What goes into the packs as the keeping sees it, if the pieces end so; as they likely end where nothing else is said. */
export function keptOf(worked: WorkedOut, finish: Finish = worked.finish): ToKeep {
  const { body, treat, out, heat } = worked;
  return {
    product: productOf(body.lines, worked.dough, finish, out.body.thickness_mm),
    finish,
    coating: treat.coating,
    ...sizeOf(body, finish, treat.coating),
    room: { temperature_c: heat.room.temperature_c, relativeHumidity: heat.room.relativeHumidity },
  };
}
