import { useState, type ReactNode } from 'react';
import { SetpointField } from '../batch/heat/SetpointField';
import { dialHere } from '../format/dial-words';
import { Button } from '../kit/Button';
import { ACT_COSTS, ACT_NAMES } from './practice-words';
import type { Doing, Practising } from './use-practice';

/** A usual drying heat to begin with [°C]. */
const DRY_AT_C = 65;

/** Everything that can be done now, with what it costs. */
export function ActBar({
  practising,
  onAct,
}: {
  readonly practising: Practising;
  readonly onAct: (what: Doing) => void;
}): ReactNode {
  const { view, busy } = practising;
  const { standing, handlings, askings, may_move, acts } = view;
  const snapped = acts.some(({ do: done }) => done === 'snap-apart');
  const simple = [...askings, ...handlings.filter((one) => one !== 'snap-apart' || !snapped)];
  return (
    <div className="flex flex-col gap-2.5">
      <div className="flex flex-wrap gap-1.5" role="group" aria-label="Ask and handle">
        {simple.map((one) => (
          <Button key={one} disabled={busy} onClick={() => onAct({ do: one })}>
            {ACT_NAMES[one]} <span className="font-normal text-soft">{ACT_COSTS[one]}</span>
          </Button>
        ))}
      </div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2" role="group" aria-label="The oven">
        <Dial practising={practising} onAct={onAct} />
        {!standing.off && (
          <Button disabled={busy} onClick={() => onAct({ do: 'off' })}>
            {ACT_NAMES.off}
          </Button>
        )}
        <Button disabled={busy} onClick={() => onAct({ do: 'door', door: standing.door === 'ajar' ? 'shut' : 'ajar' })}>
          {standing.door === 'ajar' ? 'Shut the door' : 'Leave the door ajar'}
        </Button>
        {may_move && !standing.in_dryer && (
          <Button disabled={busy} onClick={() => onAct({ do: 'move', setpoint_c: DRY_AT_C })}>
            {ACT_NAMES.move}
          </Button>
        )}
        <span className="flex-1" />
        <Button look="main" disabled={busy} onClick={() => onAct({ do: 'out' })}>
          {ACT_NAMES.out}
        </Button>
      </div>
    </div>
  );
}

/** The dial, within what it can be set to; turned, it is set at once. */
function Dial({ practising, onAct }: { readonly practising: Practising; readonly onAct: (what: Doing) => void }): ReactNode {
  const { view } = practising;
  const { standing, dial_c, dryer_c, brief } = view;
  const [low, high] = standing.in_dryer ? dryer_c : dial_c;
  const [outside, setOutside] = useState(false);
  return (
    <span className="inline-flex items-center gap-2">
      <span className="text-soft">{standing.off ? 'off; the dial said' : 'the dial says'}</span>
      <SetpointField
        key={`${standing.setpoint_c} ${String(outside)}`}
        label="Dial"
        setpoint_c={standing.setpoint_c}
        kind={standing.in_dryer ? brief.dryer : brief.appliance}
        dial={dialHere()}
        onChange={(setpoint_c) => {
          const kept = Math.min(high, Math.max(low, setpoint_c));
          // A dial turns no further: the field shows again what it says.
          setOutside(kept !== setpoint_c ? !outside : outside);
          onAct({ do: 'set', setpoint_c: kept });
        }}
      />
      {standing.off && (
        <Button look="small" onClick={() => onAct({ do: 'set', setpoint_c: standing.setpoint_c })}>
          Switch on
        </Button>
      )}
    </span>
  );
}
