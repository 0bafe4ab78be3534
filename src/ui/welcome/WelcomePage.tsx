'use client';
import type { WelcomeView } from '@/contract/kitchens';
import { Link } from '../kit/Link';
import { useState, type ReactNode } from 'react';
import { Alert } from '../kit/Alert';
import { Button, buttonClass } from '../kit/Button';
import { Panel } from '../kit/Panel';
import { BLANK_KITCHEN, chooseKitchen, setUpKitchen } from './choose';
import { PageTitle } from '../shell/PageTitle';

type WelcomePageProps = WelcomeView & {
  /** One batch from bowl to jar, drawn. */
  readonly line: ReactNode;
};

/** The first page, as long as nobody has chosen a kitchen: what this is, shown, and three ways in. */
export function WelcomePage({ kitchens, line }: WelcomePageProps): ReactNode {
  const [trouble, setTrouble] = useState<string | null>(null);
  const [going, setGoing] = useState(false);
  const go = async (way: () => Promise<string | null>): Promise<void> => {
    setGoing(true);
    const wrong = await way();
    setTrouble(wrong);
    if (wrong !== null) setGoing(false);
  };
  const demo = kitchens.find(({ is_demo }) => is_demo);
  return (
    <main className="mx-auto flex max-w-[1080px] flex-col gap-4 px-6 py-6 max-sm:px-4">
      <PageTitle>Welcome</PageTitle>
      <h1 className="max-w-[22ch] text-[40px] leading-[1.1] max-sm:text-[31px]">
        Know when a dog treat is dry, before you bake it.
      </h1>
      <p className="max-w-[64ch] text-[17px]">
        Upbeat Oven takes your recipe as you wrote it, scales it to the batch, and follows heat and water through every piece: how
        many you get, how crisp they turn, how long they keep, and what to do at the oven minute by minute. Everything stays on
        this machine.
      </p>
      {line}
      <Alert>{trouble}</Alert>
      <div className="grid gap-3 md:grid-cols-3">
        <Way
          title="Bring a recipe"
          says="Paste what you bake now, or open a file. You see what comes of it at once; the rest is asked when it matters."
        >
          <Button look="main" disabled={going} onClick={() => void go(() => setUpKitchen(BLANK_KITCHEN, '/recipes/new'))}>
            Start with a recipe
          </Button>
        </Way>
        {demo && (
          <Way
            title="Look around"
            says={`${demo.name} exists only here: made up, with recipes, ovens, jars and a log of finished batches. Yours stays apart from it.`}
          >
            <Button disabled={going} onClick={() => void go(() => chooseKitchen(demo.id))}>
              Look around the demo
            </Button>
          </Way>
        )}
        <Way
          title="Set up my kitchen"
          says="Five short questions: its name, where it is, how you measure, what bakes, who eats. Each may be left for later."
        >
          <Link href="/kitchens/new" className={buttonClass()}>
            Set up my kitchen
          </Link>
        </Way>
      </div>
    </main>
  );
}

type WayProps = { readonly title: string; readonly says: string; readonly children: ReactNode };

const Way = ({ title, says, children }: WayProps): ReactNode => (
  <Panel label={title} className="flex flex-col items-start gap-3 px-5 py-4">
    <h2 className="text-[21px]">{title}</h2>
    <p className="flex-1 text-[15.5px] text-soft">{says}</p>
    {children}
  </Panel>
);
