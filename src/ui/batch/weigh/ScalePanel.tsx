'use client';
import { useState, type ReactNode } from 'react';
import { Button } from '../../kit/Button';
import { NumberField } from '../../kit/NumberField';
import { workScale, type ScaleState } from './use-scale';
import { mass } from '../../format/units';

type ScalePanelProps = { readonly scale: ScaleState; readonly onOn: (on: boolean) => void };

const WORDS: Readonly<Record<Exclude<ScaleState['kind'], 'reading'>, string>> = {
  off: '',
  connecting: 'listening for the scale …',
  silent: 'The scale is silent: is it plugged in? Type the weights meanwhile.',
  lost: 'The server does not answer; listening again by itself. Type the weights meanwhile.',
};

/** The scale beside the bowl, and the small controls of its stand-in. */
export function ScalePanel({ scale, onOn }: ScalePanelProps): ReactNode {
  const [pour_g, setPour] = useState(60);
  const [plugged, setPlugged] = useState(true);
  if (scale.kind === 'off')
    return (
      <Button look="small" onClick={() => onOn(true)}>
        Read from the scale
      </Button>
    );
  return (
    <div
      className="flex flex-wrap items-center gap-x-3 gap-y-1.5 rounded-2xl border border-hair bg-enamel px-3 py-1.5 text-[14px]"
      aria-label="Kitchen scale"
      role="group"
    >
      <output className="min-w-24 font-display text-[22px] font-semibold" aria-live="off" data-scale={scale.kind}>
        {scale.kind === 'reading' ? mass(scale.grams, 0) : '–'}
      </output>
      <span className="text-soft">{scale.kind === 'reading' ? (scale.stable ? 'steady' : 'settling …') : WORDS[scale.kind]}</span>
      <Button look="small" onClick={() => void workScale({ do: 'tare' })}>
        Tare
      </Button>
      <span className="flex flex-wrap items-center gap-2 border-l border-hair pl-3 text-soft">
        stand-in:
        <NumberField label="Put on" unit="g" width="w-10" value={pour_g} min={-5000} max={5000} onChange={setPour} />
        <Button look="small" onClick={() => void workScale({ do: 'put', grams: pour_g })}>
          Put it on
        </Button>
        <Button
          look="small"
          aria-pressed={!plugged}
          onClick={() => {
            setPlugged(!plugged);
            void workScale({ do: plugged ? 'unplug' : 'plug' });
          }}
        >
          {plugged ? 'Pull the plug' : 'Plug it in'}
        </Button>
      </span>
      <span className="flex-1" />
      <Button look="quiet" onClick={() => onOn(false)}>
        put the scale away
      </Button>
    </div>
  );
}
