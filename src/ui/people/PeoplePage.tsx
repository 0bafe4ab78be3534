'use client';
import type { PeopleView } from '@/contract/people';
import { useRouter } from 'next/navigation';
import type { ReactNode } from 'react';
import { PageHead } from '../kit/PageHead';
import { PageTitle } from '../shell/PageTitle';
import { AddPerson } from './AddPerson';
import { AuditPanel } from './AuditPanel';
import { PersonPanel } from './PersonPanel';
import { SharingPanel } from './SharingPanel';

/** Who works in this kitchen, on which devices, and what was done to them. */
export function PeoplePage({ sharing, people, audit, me, now }: PeopleView): ReactNode {
  const router = useRouter();
  const again = (): void => router.refresh();
  return (
    <main className="mx-auto flex max-w-[960px] flex-col gap-3 px-6 py-4 max-sm:px-3">
      <PageTitle>People and devices</PageTitle>
      <PageHead title="People and devices" says="who may do what here, and from where" />
      <SharingPanel sharing={sharing} hasOwner={people.some(({ role }) => role === 'owner')} onChange={again} />
      {people.map((person) => (
        <PersonPanel
          key={person.id}
          person={person}
          isMe={person.id === me}
          canPair={sharing.url !== null}
          now={now}
          onChange={again}
        />
      ))}
      {(people.length > 0 || sharing.sign_in) && <AddPerson onChange={again} />}
      {audit.length > 0 && <AuditPanel audit={audit} />}
    </main>
  );
}
