'use client';
import type { KitchenChoice } from '@/contract/kitchens';
import { Link } from '../kit/Link';
import { useState, type ReactNode } from 'react';
import { counted } from '@/core/quantities';
import { Alert } from '../kit/Alert';
import { Button, buttonClass } from '../kit/Button';
import { Check } from '../kit/Check';
import { Modal } from '../kit/Modal';
import { Panel } from '../kit/Panel';
import { call } from '../kit/api';
import { BringKitchen } from '../welcome/BringKitchen';
import { chooseKitchen } from '../welcome/choose';

type KitchensPanelProps = {
  readonly kitchen: KitchenChoice;
  readonly kitchens: readonly KitchenChoice[];
  readonly ownRecipes: number;
};

/** Kitchens of this house: which one this device works in, a further one, and an end to one. */
export function KitchensPanel({ kitchen, kitchens, ownRecipes }: KitchensPanelProps): ReactNode {
  const [trouble, setTrouble] = useState<string | null>(null);
  const [removing, setRemoving] = useState(false);
  return (
    <Panel label="Kitchens in this house" className="px-5 py-3">
      <h2 className="pb-1 text-[19px]">Kitchens in this house</h2>
      <Alert>{trouble}</Alert>
      <ul className="text-[15.5px]">
        {kitchens.map(({ id, name, is_demo }) => (
          <li key={id} className="flex flex-wrap items-center gap-x-3 gap-y-1 border-t border-hair py-1.5 first:border-0">
            <span className="font-semibold">{name}</span>
            {is_demo && <span className="text-soft">made up, to look around in</span>}
            <span className="flex-1" />
            {id === kitchen.id ? (
              <span className="text-soft">you are in it</span>
            ) : (
              <Button look="small" onClick={() => void chooseKitchen(id).then(setTrouble)}>
                Go there
              </Button>
            )}
          </li>
        ))}
      </ul>
      <p className="flex flex-wrap items-center gap-3 pt-2">
        <Link href="/kitchens/new" className={buttonClass('small')}>
          Set up another
        </Link>
        <BringKitchen />
        <Button look="small" onClick={() => setRemoving(true)}>
          {kitchen.is_demo ? 'Remove the demo …' : 'Remove this kitchen …'}
        </Button>
      </p>
      <RemoveDialog
        open={removing}
        kitchen={kitchen}
        others={kitchens.filter(({ id }) => id !== kitchen.id)}
        ownRecipes={ownRecipes}
        onClose={() => setRemoving(false)}
      />
    </Panel>
  );
}

type RemoveDialogProps = {
  readonly open: boolean;
  readonly kitchen: KitchenChoice;
  readonly others: readonly KitchenChoice[];
  readonly ownRecipes: number;
  readonly onClose: () => void;
};

/** Nothing goes before its name was typed. */
function RemoveDialog({ open, kitchen, others, ownRecipes, onClose }: RemoveDialogProps): ReactNode {
  const [typed, setTyped] = useState('');
  const [taken, setTaken] = useState(true);
  const [trouble, setTrouble] = useState<string | null>(null);
  const to = others.find(({ is_demo }) => !is_demo);
  const remove = async (): Promise<void> => {
    const body = { name: typed.trim(), ...(to && taken && ownRecipes > 0 ? { take_to: to.id } : {}) };
    const gone = await call(`/api/kitchens/${kitchen.id}`, { method: 'DELETE', body });
    if (!gone.ok) return setTrouble(gone.message);
    window.location.assign('/');
  };
  return (
    <Modal open={open} title={`Remove ${kitchen.name}?`} width="max-w-xl" onClose={onClose}>
      <p>
        Its recipes, batches, jars, log, dogs, prices and kit go with it, and do not come back. A copy of everything, made with{' '}
        <code>npm run backup</code>, is the only way back.
      </p>
      {ownRecipes > 0 && to && (
        <Check checked={taken} onChange={setTaken}>
          Take {counted(ownRecipes, 'recipe')} that you wrote or changed here along to {to.name}
        </Check>
      )}
      {ownRecipes > 0 && !to && (
        <p>
          {counted(ownRecipes, 'recipe')} that you wrote or changed here would go too. Set up a kitchen of your own first, and
          they can be taken along.
        </p>
      )}
      <label className="flex flex-col gap-1">
        <span>
          To remove it, type its name: <strong>{kitchen.name}</strong>
        </span>
        <input
          value={typed}
          autoComplete="off"
          onChange={({ target }) => setTyped(target.value)}
          className="rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2.5 py-1"
        />
      </label>
      <Alert>{trouble}</Alert>
      <p className="flex justify-end gap-2">
        <Button onClick={onClose}>Keep it</Button>
        <Button look="main" disabled={typed.trim() !== kitchen.name} onClick={() => void remove()}>
          Remove it
        </Button>
      </p>
    </Modal>
  );
}
