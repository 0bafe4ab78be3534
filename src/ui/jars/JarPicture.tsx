import type { JarView } from '@/contract/jars';
import type { ReactNode } from 'react';

type Form = { readonly outline: string; readonly lid: string; readonly from: number; readonly to: number };
const JAR_FORM: Form = {
  outline: 'M8 13 h34 v4 q6 3 6 9 v38 q0 6-6 6 h-34 q-6 0-6-6 v-38 q0-6 6-9 z',
  lid: 'M10 6 h30 v7 h-30 z',
  from: 68,
  to: 22,
};
const BAG_FORM: Form = { outline: 'M7 12 h36 l3 54 q0 4-4 4 h-34 q-4 0-4-4 z', lid: 'M7 6 h36 v6 h-36 z', from: 68, to: 18 };
const BOWL_FORM: Form = { outline: 'M3 38 h44 q-2 32-22 32 q-20 0-22-32 z', lid: '', from: 68, to: 40 };
const FORMS: Record<JarView['option'], Form> = {
  'open-bowl': BOWL_FORM,
  'paper-bag': BAG_FORM,
  'zip-bag': BAG_FORM,
  'clip-jar': JAR_FORM,
  tin: { outline: 'M5 16 h40 v50 q0 4-4 4 h-32 q-4 0-4-4 z', lid: 'M3 8 h44 v8 h-44 z', from: 68, to: 20 },
  'metal-pouch': BAG_FORM,
  'foil-pouch': BAG_FORM,
  'foil-pouch-absorber': BAG_FORM,
};

/** A pack with what is left in it. */
export function JarPicture({
  jar,
}: {
  readonly jar: Pick<JarView, 'option' | 'left_over' | 'pieces' | 'opened' | 'id'>;
}): ReactNode {
  const { outline, lid, from, to } = FORMS[jar.option];
  const level = from - (from - to) * (jar.left_over / jar.pieces);
  return (
    <svg viewBox="0 0 50 74" width={50} height={74} aria-hidden className="shrink-0">
      <clipPath id={`jar-${jar.id}`}>
        <path d={outline} />
      </clipPath>
      <rect x={0} y={level} width={50} height={74 - level} clipPath={`url(#jar-${jar.id})`} className="fill-dough-pale" />
      <path d={outline} className="fill-none stroke-rim" strokeWidth={1.8} />
      {lid && (
        <path
          d={lid}
          className={jar.opened ? 'fill-none stroke-rim' : 'fill-rim stroke-rim'}
          strokeWidth={1.6}
          transform={jar.opened ? 'rotate(-14 10 8)' : undefined}
        />
      )}
    </svg>
  );
}
