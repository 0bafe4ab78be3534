'use client';
import type { PersonThere } from '@/contract/people';
import type { Role } from '@/core/people';
import { Smartphone } from 'lucide-react';
import { useState, type FormEvent, type ReactNode } from 'react';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { Modal } from '../kit/Modal';
import { Panel } from '../kit/Panel';
import { call, type Answered } from '../kit/api';
import { PairDialog } from './PairDialog';
import { SecretField } from './SecretField';
import { ROLE_OPTIONS, ROLE_SAYS, ago } from './words';

type PersonPanelProps = {
  readonly person: PersonThere;
  readonly isMe: boolean;
  /** Other devices find the way here. */
  readonly canPair: boolean;
  readonly now: string;
  readonly onChange: () => void;
};

/** One person: what they may do, their devices, and what can be done about both. */
export function PersonPanel({ person, isMe, canPair, now, onChange }: PersonPanelProps): ReactNode {
  const { id, name, role, has_passphrase } = person;
  const [wrong, setWrong] = useState<string | null>(null);
  const [open, setOpen] = useState<'pair' | 'passphrase' | 'off' | null>(null);
  const done = (answer: Answered<unknown>): void => {
    setWrong(answer.ok ? null : answer.message);
    if (answer.ok) onChange();
  };
  const close = (): void => {
    setOpen(null);
    onChange();
  };
  return (
    <Panel label={name} className="px-5 py-3">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1.5">
        <h2 className="text-[19px]">
          {name} {isMe && <span className="text-[15px] font-normal text-soft">(you)</span>}
        </h2>
        <Choice
          label={`What ${name} may do`}
          shown={false}
          value={role}
          options={ROLE_OPTIONS}
          onChange={(next: Role) => void call(`/api/people/${id}`, { method: 'PATCH', body: { role: next } }).then(done)}
        />
        <span className="text-[14px] text-soft">{ROLE_SAYS[role]}</span>
        <span className="flex-1" />
        <Button look="small" disabled={!canPair} onClick={() => setOpen('pair')}>
          Pair a phone …
        </Button>
        <Button look="small" onClick={() => setOpen('passphrase')}>
          {has_passphrase ? 'New passphrase …' : 'Give a passphrase …'}
        </Button>
        <Button look="small" onClick={() => setOpen('off')}>
          Take off …
        </Button>
      </div>
      <Alert look="line">{wrong}</Alert>
      <Devices
        person={person}
        now={now}
        onRevoke={(device) => void call(`/api/devices/${device}`, { method: 'DELETE' }).then(done)}
      />
      {open === 'pair' && <PairDialog person={person} onClose={close} />}
      {open === 'passphrase' && <PassphraseDialog person={person} onClose={close} />}
      {open === 'off' && <OffDialog person={person} onClose={close} />}
    </Panel>
  );
}

type DevicesProps = { readonly person: PersonThere; readonly now: string; readonly onRevoke: (device: string) => void };

function Devices({ person: { devices, has_passphrase }, now, onRevoke }: DevicesProps): ReactNode {
  if (devices.length === 0)
    return (
      <p className="pt-1 text-[14.5px] text-soft">
        Signed in nowhere{has_passphrase ? '.' : '; without a passphrase, a phone must be paired first.'}
      </p>
    );
  return (
    <ul className="pt-1 text-[14.5px]">
      {devices.map(({ id, name, seen_at, is_this }) => (
        <li key={id} className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-hair py-1.5 first:border-0">
          <Smartphone aria-hidden size={17} className="text-soft" />
          <span>{name}</span>
          <span className="text-soft">{is_this ? 'this device' : `here ${ago(seen_at, now)}`}</span>
          <span className="flex-1" />
          <Button look="small" aria-label={`Sign out ${name}`} onClick={() => onRevoke(id)}>
            Sign out
          </Button>
        </li>
      ))}
    </ul>
  );
}

type DialogProps = { readonly person: PersonThere; readonly onClose: () => void };

function PassphraseDialog({ person: { id, name }, onClose }: DialogProps): ReactNode {
  const [passphrase, setPassphrase] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const send = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const answer = await call(`/api/people/${id}`, { method: 'PATCH', body: { passphrase } });
    if (answer.ok) onClose();
    else setWrong(answer.message);
  };
  return (
    <Modal open title={`A passphrase for ${name}`} width="max-w-lg" onClose={onClose}>
      <form className="flex flex-col gap-3" onSubmit={(event) => void send(event)}>
        <SecretField
          label="Passphrase"
          kind="new-password"
          value={passphrase}
          onChange={setPassphrase}
          says="Twelve letters or more; four words that do not belong together. Every other device of theirs is signed out."
        />
        <Alert look="line">{wrong}</Alert>
        <p className="flex justify-end gap-2">
          <Button onClick={onClose}>Leave it</Button>
          <Button look="main" type="submit" disabled={passphrase === ''}>
            Set it
          </Button>
        </p>
      </form>
    </Modal>
  );
}

function OffDialog({ person: { id, name, only_here }, onClose }: DialogProps): ReactNode {
  const [wrong, setWrong] = useState<string | null>(null);
  const remove = async (): Promise<void> => {
    const answer = await call(`/api/people/${id}`, { method: 'DELETE' });
    if (answer.ok) onClose();
    else setWrong(answer.message);
  };
  return (
    <Modal open title={`Take ${name} off this kitchen?`} width="max-w-lg" onClose={onClose}>
      <p>
        {only_here
          ? 'Their devices are signed out and their passphrase is forgotten. What they did stays.'
          : 'They stay in the other kitchens that they belong to. What they did here stays.'}
      </p>
      <Alert look="line">{wrong}</Alert>
      <p className="flex justify-end gap-2">
        <Button onClick={onClose}>Keep them</Button>
        <Button look="main" onClick={() => void remove()}>
          Take off
        </Button>
      </p>
    </Modal>
  );
}
