import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import type { FirstBakeView } from '@/contract/kit';
import { duration, length, temperature } from '../format/units';
import { Alert } from '../kit/Alert';
import { call } from '../kit/api';
import { Button } from '../kit/Button';
import { useAsked } from '../kit/use-asked';

/** Five small trays that teach the model this oven the most, drawn first and then begun at the oven. */
export function FirstBake({ id }: { readonly id: string }): ReactNode {
  const route = `/api/kit/appliances/${id}/first-bake`;
  const [asked, ask] = useAsked<FirstBakeView>(route);
  return (
    <section aria-label="First bake" className="flex flex-col gap-2 rounded-2xl border border-hair px-4 py-2.5 text-[14.5px]">
      <h2 className="text-[17px]">First bake</h2>
      <p className="text-soft">
        Five small trays of plain oat dough, weighed as they go in and as they come out: in about an hour the model knows how fast
        this oven really is. Turn the dial up as soon as a tray is out, and put the next one in when it is hot.
      </p>
      {asked.kind === 'wrong' && <Alert look="line">{asked.message}</Alert>}
      {asked.kind === 'told' ? (
        <Trays route={route} told={asked.told} />
      ) : (
        <p>
          <Button look="small" disabled={asked.kind === 'asking'} onClick={ask}>
            {asked.kind === 'asking' ? 'Choosing the trays …' : 'Choose the trays'}
          </Button>
        </p>
      )}
    </section>
  );
}

function Trays({ route, told }: { readonly route: string; readonly told: FirstBakeView }): ReactNode {
  const { trays, known_to_pct } = told;
  const router = useRouter();
  const [going, setGoing] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const begin = async (): Promise<void> => {
    setGoing(true);
    const begun = await call(route, { method: 'POST' });
    if (begun.ok) return router.push('/oven');
    setTrouble(begun.message);
    setGoing(false);
  };
  const inTurn = [...trays].sort((one, other) => one.setpoint_c - other.setpoint_c || one.thickness_mm - other.thickness_mm);
  return (
    <div role="status">
      <ol className="flex flex-col">
        {inTurn.map(({ thickness_mm, setpoint_c, minutes }, i) => (
          <li key={i} className="flex flex-wrap gap-x-4 border-t border-hair py-1 first:border-0" data-first-tray>
            <span className="w-14 text-soft">tray {i + 1}</span>
            <span className="w-28">
              <strong>{length(thickness_mm, 1)}</strong> thick
            </span>
            <span className="w-20 font-semibold">{temperature(setpoint_c)}</span>
            <span>{duration(minutes)}</span>
          </li>
        ))}
      </ol>
      <p className="pt-1.5">
        How long a usual biscuit takes in it is known to <strong>± {Math.round(known_to_pct[0])} %</strong> now, and to{' '}
        <strong>± {Math.round(known_to_pct[known_to_pct.length - 1])} %</strong> afterwards.
      </p>
      <Narrowing known_to_pct={known_to_pct} />
      <p className="pt-2">
        <Button disabled={going} onClick={() => void begin()}>
          {going ? 'Writing the bowl …' : 'Begin at the oven'}
        </Button>
      </p>
      <Alert look="line">{trouble}</Alert>
    </div>
  );
}

/** What every tray leaves open, as bars. */
const Narrowing = ({ known_to_pct }: Pick<FirstBakeView, 'known_to_pct'>): ReactNode => (
  <span
    role="img"
    aria-label={`Known to ± ${known_to_pct.map((pct) => Math.round(pct)).join(', ')} % before the first tray and after each`}
    className="mt-1.5 flex h-12 items-end gap-1.5"
  >
    {known_to_pct.map((pct, i) => (
      <span key={i} aria-hidden className="w-9 rounded-t-md bg-water" style={{ height: `${(100 * pct) / known_to_pct[0]}%` }} />
    ))}
  </span>
);
