'use client';
import { Link } from '../kit/Link';
import { useEffect, useState, type FormEvent, type ReactNode } from 'react';
import { Alert } from '../kit/Alert';
import { Button } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { call } from '../kit/api';
import { forgetKeptPages } from '../kit/kept-pages';
import { forgetSeen } from '../oven/last-seen';
import { PageTitle } from '../shell/PageTitle';
import { PlainField } from './PlainField';
import { SecretField } from './SecretField';

/** Who comes: a name and a passphrase. */
export function SignInPage({ to }: { readonly to: string }): ReactNode {
  const [name, setName] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const [wrong, setWrong] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  // Whoever must sign in is out: nothing that the oven showed stays in this browser.
  useEffect(forgetSeen, []);
  const send = async (event: FormEvent): Promise<void> => {
    event.preventDefault();
    setAsking(true);
    const answer = await call('/api/sign-in', { body: { name: name.trim(), passphrase } });
    // The page behind belongs to whoever signed in: nothing of this one stays.
    if (answer.ok) {
      await forgetKeptPages();
      return window.location.assign(to);
    }
    setAsking(false);
    setWrong(answer.message);
  };
  return (
    <main className="mx-auto flex max-w-md flex-col gap-3 px-4 py-10">
      <PageTitle>Sign in</PageTitle>
      <Panel label="Sign in" className="px-6 py-5">
        <h1 className="text-[23px]">Sign in</h1>
        <p className="pt-1 text-[14.5px] text-soft">This kitchen asks who comes, since other devices may.</p>
        <form className="flex flex-col gap-3 pt-3" onSubmit={(event) => void send(event)}>
          <PlainField label="Name" complete="username" value={name} onChange={setName} />
          <SecretField label="Passphrase" kind="current-password" value={passphrase} onChange={setPassphrase} />
          <Alert look="line">{wrong}</Alert>
          <Button
            look="main"
            type="submit"
            className="justify-center"
            disabled={asking || name.trim() === '' || passphrase === ''}
          >
            {asking ? 'Looking …' : 'Sign in'}
          </Button>
        </form>
      </Panel>
      <p className="px-2 text-[14.5px] text-soft">
        With a code from another device:{' '}
        <Link href="/pair" className="font-semibold text-ink underline">
          pair this one
        </Link>
        . A passphrase that nobody remembers is set anew by an owner, or at the machine with <code>npm run people</code>.
      </p>
    </main>
  );
}
