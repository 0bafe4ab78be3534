'use client';
import type { SharingView } from '@/contract/people';
import { useState, type FormEvent, type ReactNode } from 'react';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Choice } from '../kit/Choice';
import { Panel } from '../kit/Panel';
import { call, type Answered } from '../kit/api';
import { PlainField } from './PlainField';
import { SecretField } from './SecretField';

type SharingPanelProps = {
  readonly sharing: SharingView;
  /** Somebody looks after this kitchen already. */
  readonly hasOwner: boolean;
  readonly onChange: () => void;
};

/** Whether other devices may come, and the way to let them in or shut them out again. */
export function SharingPanel({ sharing, hasOwner, onChange }: SharingPanelProps): ReactNode {
  const [wrong, setWrong] = useState<string | null>(null);
  const done = (answer: Answered<SharingView>): void => {
    setWrong(answer.ok ? null : answer.message);
    if (answer.ok) onChange();
  };
  return (
    <Panel label="Other devices" className="px-5 py-3">
      <h2 className="text-[19px]">Other devices</h2>
      <Alert>{wrong ?? (sharing.sign_in ? sharing.trouble : null)}</Alert>
      {sharing.sign_in ? <Let sharing={sharing} onDone={done} /> : <Begin sharing={sharing} hasOwner={hasOwner} onDone={done} />}
    </Panel>
  );
}

type PartProps = { readonly sharing: SharingView; readonly onDone: (answer: Answered<SharingView>) => void };

const Let = ({ sharing: { url, fingerprint, is_here }, onDone }: PartProps): ReactNode => (
  <div className="flex flex-col gap-1.5 text-[15px]">
    <p>
      {url === null ? 'Everybody who comes must sign in.' : 'Devices in the house’s network find this kitchen at '}
      {url !== null && <strong className="break-all">{url}</strong>}
      {url !== null && '. Everybody signs in, here as well.'}
    </p>
    {fingerprint && (
      <p className="text-[13.5px] text-soft">
        The kitchen’s own certificate, for devices to trust:{' '}
        {/* oxlint-disable-next-line nextjs/no-html-link-for-pages -- a file, not a page */}
        <a href="/kitchen-authority.crt" className="font-semibold underline">
          download
        </a>
        . Its SHA-256 fingerprint: <span className="font-mono break-all">{fingerprint}</span>
      </p>
    )}
    {is_here ? (
      <p>
        <Button look="small" onClick={() => void call<SharingView>('/api/sharing', { method: 'DELETE' }).then(onDone)}>
          This machine alone again
        </Button>
      </p>
    ) : (
      <p className="text-[13.5px] text-soft">It is ended at the machine that Upbeat Oven runs on.</p>
    )}
  </div>
);

/** No address in particular: a machine gets another one when it meets another net. */
const WHICHEVER = 'auto';

/** From this machine only to the house: with somebody who looks after it. */
function Begin({ sharing: { is_here, addresses }, hasOwner, onDone }: PartProps & { readonly hasOwner: boolean }): ReactNode {
  const [name, setName] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const [address, setAddress] = useState<string>(WHICHEVER);
  const [asking, setAsking] = useState(false);
  const send = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    setAsking(true);
    const answer = await call<SharingView>('/api/sharing', {
      body: {
        ...(hasOwner ? {} : { owner: { name: name.trim(), passphrase } }),
        ...(address === WHICHEVER ? {} : { address }),
      },
    });
    setAsking(false);
    onDone(answer);
  };
  return (
    <form className="flex flex-col gap-3 text-[15px]" onSubmit={(event) => void send(event)}>
      <p>
        Upbeat Oven answers on this machine only, and asks nobody who they are. Let in the phones and tablets of the house, and it
        answers at {(address === WHICHEVER ? addresses[0] : address) ?? 'the address of this machine'} too, over an encrypted
        line, and everybody signs in from then on.
      </p>
      {!is_here && <p className="text-soft">This is done at the machine that it runs on.</p>}
      {is_here && !hasOwner && (
        <div className="flex max-w-md flex-col gap-3">
          <PlainField label="Your name" complete="username" value={name} onChange={setName} />
          <SecretField
            label="Your passphrase"
            kind="new-password"
            value={passphrase}
            onChange={setPassphrase}
            says="Twelve letters or more; four words that do not belong together. You will look after this house."
          />
        </div>
      )}
      {is_here && addresses.length > 1 && (
        <Choice
          label="This machine is in several networks; devices are in the one of"
          value={address}
          options={[
            { value: WHICHEVER, name: `${addresses[0]}, or whichever it has later` },
            ...addresses.map((value) => ({ value, name: value })),
          ]}
          onChange={setAddress}
        />
      )}
      {is_here && (
        <p>
          <Button look="main" type="submit" disabled={asking || (!hasOwner && (name.trim() === '' || passphrase === ''))}>
            {asking ? 'Making keys …' : 'Let other devices in'}
          </Button>
        </p>
      )}
    </form>
  );
}
