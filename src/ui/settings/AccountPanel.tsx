'use client';
import type { SettingsView } from '@/contract/kitchens';
import { Link } from '../kit/Link';
import { useState, type FormEvent, type ReactNode } from 'react';
import { Alert } from '../kit/Alert';
import { Button, buttonClass } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { call } from '../kit/api';
import { SecretField } from '../people/SecretField';
import { signOut } from '../people/sign-out';

/** Other devices and who comes, and one's own way in. */
export const AccountPanel = ({ me, sharing }: Pick<SettingsView, 'me' | 'sharing'>): ReactNode => (
  <Panel label="People and devices" className="px-5 py-3">
    <h2 className="text-[19px]">People and devices</h2>
    <p className="text-[15px]">
      {sharing.sign_in
        ? `Other devices may come${sharing.url === null ? '' : `, to ${sharing.url}`}; everybody signs in.`
        : 'This machine only, and nobody signs in. Let the phones and tablets of the house in, with who may do what.'}
    </p>
    <p className="flex flex-wrap items-center gap-3 pt-2">
      {(me === null || me.role === 'owner') && (
        <Link href="/people" className={buttonClass('small')}>
          {sharing.sign_in ? 'People and devices' : 'Let other devices in …'}
        </Link>
      )}
      {me && (
        <>
          <span className="text-[15px]">
            You are <strong>{me.name}</strong>
            {me.role && `, ${me.role}`}
          </span>
          <Button look="small" onClick={() => void signOut()}>
            Sign out
          </Button>
          <Button look="small" onClick={() => void signOut('everywhere')}>
            Sign out everywhere
          </Button>
        </>
      )}
    </p>
    {me && <OwnPassphrase />}
  </Panel>
);

function OwnPassphrase(): ReactNode {
  const [open, setOpen] = useState(false);
  const [old, setOld] = useState('');
  const [fresh, setFresh] = useState('');
  const [told, setTold] = useState<{ readonly wrong: string | null } | null>(null);
  const send = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const answer = await call('/api/me/passphrase', { method: 'PUT', body: { old, fresh } });
    setTold({ wrong: answer.ok ? null : answer.message });
    if (!answer.ok) return;
    setOld('');
    setFresh('');
    setOpen(false);
  };
  return (
    <div className="pt-2">
      {told?.wrong === null && <p role="status">Your passphrase is changed; your other devices are signed out.</p>}
      {open ? (
        <form className="flex max-w-md flex-col gap-3" onSubmit={(event) => void send(event)}>
          <SecretField label="Old passphrase" kind="current-password" value={old} onChange={setOld} />
          <SecretField
            label="New passphrase"
            kind="new-password"
            value={fresh}
            onChange={setFresh}
            says="Twelve letters or more; four words that do not belong together."
          />
          <Alert look="line">{told?.wrong}</Alert>
          <p className="flex gap-2">
            <Button look="main" type="submit" disabled={old === '' || fresh === ''}>
              Change it
            </Button>
            <Button onClick={() => setOpen(false)}>Leave it</Button>
          </p>
        </form>
      ) : (
        <Button look="small" onClick={() => setOpen(true)}>
          Change my passphrase …
        </Button>
      )}
    </div>
  );
}
