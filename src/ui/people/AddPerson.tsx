'use client';
import type { Role } from '@/core/people';
import { useState, type FormEvent, type ReactNode } from 'react';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { Panel } from '../kit/Panel';
import { call } from '../kit/api';
import { PlainField } from './PlainField';
import { SecretField } from './SecretField';
import { ROLE_OPTIONS, ROLE_SAYS } from './words';

/** Somebody more: a name, what they may do, and a passphrase where they are to sign in with one. */
export function AddPerson({ onChange }: { readonly onChange: () => void }): ReactNode {
  const [name, setName] = useState('');
  const [role, setRole] = useState<Role>('helper');
  const [passphrase, setPassphrase] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const send = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const body = { name: name.trim(), role, passphrase: passphrase === '' ? null : passphrase };
    const answer = await call('/api/people', { body });
    setWrong(answer.ok ? null : answer.message);
    if (!answer.ok) return;
    setName('');
    setPassphrase('');
    onChange();
  };
  return (
    <Panel label="Add somebody" className="px-5 py-3">
      <h2 className="text-[19px]">Add somebody</h2>
      <form className="flex flex-col gap-3 pt-1" onSubmit={(event) => void send(event)}>
        <div className="flex flex-wrap items-end gap-4">
          <PlainField label="Their name" complete="off" value={name} onChange={setName} />
          <span className="flex items-center gap-2 pb-1.5">
            <Choice label="may do" value={role} options={ROLE_OPTIONS} onChange={setRole} />
            <span className="text-[14px] text-soft">{ROLE_SAYS[role]}</span>
          </span>
        </div>
        <div className="max-w-md">
          <SecretField
            label="Their passphrase, if they are to have one"
            kind="new-password"
            value={passphrase}
            onChange={setPassphrase}
            says="Twelve letters or more; four words that do not belong together. Left empty, they come in by a paired phone only."
          />
        </div>
        <Alert look="line">{wrong}</Alert>
        <p>
          <Button look="main" type="submit" disabled={name.trim() === ''}>
            Add
          </Button>
        </p>
      </form>
    </Panel>
  );
}
