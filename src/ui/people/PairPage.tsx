'use client';
import { useState, useSyncExternalStore, type FormEvent, type ReactNode } from 'react';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { call } from '../kit/api';
import { forgetKeptPages } from '../kit/kept-pages';
import { PageTitle } from '../shell/PageTitle';
import { PlainField } from './PlainField';
import { TrustNote } from './TrustNote';

const noChanges = (): (() => void) => () => undefined;
/** The code that this page was opened with; it stands where only this device sees it. */
const codeInAddress = (): string => window.location.hash.slice(1);

/** Signs this device in by a code that another one shows. */
export function PairPage(): ReactNode {
  const found = useSyncExternalStore(noChanges, codeInAddress, () => '');
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState<string | null>(null);
  const [name, setName] = useState<string | null>(null);
  const code = typed ?? found;
  const send = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    const answer = await call<{ readonly name: string }>('/api/pair', { body: { code } });
    if (!answer.ok) return setWrong(answer.message);
    // The code is used up; it need not stand in the address any longer.
    window.history.replaceState(null, '', '/pair');
    await forgetKeptPages();
    setWrong(null);
    setName(answer.value.name);
  };
  return (
    <main className="mx-auto flex max-w-md flex-col gap-3 px-4 py-8">
      <PageTitle>Pair this device</PageTitle>
      <Panel label="Pair this device" className="px-6 py-5">
        <h1 className="text-[23px]">{name === null ? 'Pair this device' : `Paired: you are ${name}`}</h1>
        {name === null ? (
          <form className="flex flex-col gap-3 pt-3" onSubmit={(event) => void send(event)}>
            <PlainField
              label="Code from the other device"
              complete="one-time-code"
              className="font-mono text-[19px] tracking-wider uppercase"
              value={code}
              onChange={setTyped}
            />
            <Alert look="line">{wrong}</Alert>
            <Button look="main" type="submit" className="justify-center" disabled={code.trim() === ''}>
              Sign this device in
            </Button>
          </form>
        ) : (
          <p className="flex flex-col gap-3 pt-3">
            <span>This device stays signed in; owners see it in their list and can sign it out.</span>
            {/* A whole load: everything behind belongs to who just signed in. */}
            <Button look="main" className="justify-center" onClick={() => window.location.assign('/oven')}>
              Go to the oven
            </Button>
            <Button className="justify-center" onClick={() => window.location.assign('/')}>
              Go to Today
            </Button>
          </p>
        )}
      </Panel>
      <TrustNote />
    </main>
  );
}
