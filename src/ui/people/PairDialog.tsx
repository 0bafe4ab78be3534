'use client';
import type { PairingCode, PersonThere } from '@/contract/people';
import { useEffect, useState, type ReactNode } from 'react';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Modal } from '../kit/Modal';
import { call } from '../kit/api';

type PairDialogProps = { readonly person: PersonThere; readonly onClose: () => void };

/** A code to be photographed, or typed, by the phone that is to sign in; it works once, for five minutes. */
export function PairDialog({ person, onClose }: PairDialogProps): ReactNode {
  const [pairing, setPairing] = useState<PairingCode | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const [left_s, setLeft] = useState(0);
  const make = async (): Promise<void> => {
    const answer = await call<PairingCode>('/api/pairings', { body: { person: person.id } });
    setWrong(answer.ok ? null : answer.message);
    setPairing(answer.ok ? answer.value : null);
    if (answer.ok) setLeft(secondsTo(answer.value.ends_at));
  };
  useEffect(() => {
    if (!pairing) return;
    const timer = setInterval(() => setLeft(secondsTo(pairing.ends_at)), 1000);
    return () => clearInterval(timer);
  }, [pairing]);
  return (
    <Modal open title={`Pair a phone for ${person.name}`} width="max-w-xl" onClose={onClose}>
      <Alert>{wrong}</Alert>
      {!pairing || left_s <= 0 ? (
        <>
          <p>
            {pairing
              ? 'The code has ended. Make a new one when the phone is at hand.'
              : `Whoever holds the phone that uses the code is ${person.name} from then on. It works once, for five minutes.`}
          </p>
          <p className="flex justify-end gap-2">
            <Button onClick={onClose}>{pairing ? 'Close' : 'Leave it'}</Button>
            <Button look="main" onClick={() => void make()}>
              Show the code
            </Button>
          </p>
        </>
      ) : (
        <Shown pairing={pairing} left_s={left_s} onClose={onClose} />
      )}
    </Modal>
  );
}

const secondsTo = (iso: string): number => Math.max(0, Math.round((Date.parse(iso) - Date.now()) / 1000));

/** White fields around it, by which cameras find it. */
const QUIET = 4;

type ShownProps = { readonly pairing: PairingCode; readonly left_s: number; readonly onClose: () => void };

const Shown = ({ pairing: { code, url, qr }, left_s, onClose }: ShownProps): ReactNode => (
  <div className="flex flex-wrap items-start gap-5">
    <svg
      role="img"
      aria-label="The code to scan"
      width={220}
      height={220}
      viewBox={`${-QUIET} ${-QUIET} ${qr.fields + 2 * QUIET} ${qr.fields + 2 * QUIET}`}
      className="rounded-lg bg-white"
    >
      <path d={qr.path} fill="black" shapeRendering="crispEdges" />
    </svg>
    <div className="flex min-w-56 flex-1 flex-col gap-2">
      <ol className="list-decimal pl-5">
        <li>Connect the phone to the same network (Wi-Fi) as this machine.</li>
        <li>Scan the code with its camera, and open the page that it shows.</li>
        <li>The first time the phone warns that it does not know this kitchen; the page tells how it gets to.</li>
      </ol>
      <p>
        Or open <strong className="break-all">{url.replace(/#.*$/, '')}</strong> there and type
      </p>
      <p className="font-mono text-[24px] font-semibold tracking-wider" data-code>
        {code}
      </p>
      <p role="timer" className="text-soft">
        Ends in {Math.floor(left_s / 60)}:{String(left_s % 60).padStart(2, '0')}
      </p>
      <p>
        <Button onClick={onClose}>Done</Button>
      </p>
    </div>
  </div>
);
