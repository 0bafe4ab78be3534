'use client';
import type { Costs } from '@/contract/kit';
import { Plus, X } from 'lucide-react';
import { useState, type ReactNode } from 'react';
import { money } from '../format/money';
import { Button } from '../kit/Button';
import { NumberField } from '../kit/NumberField';

type Item = NonNullable<Costs['equipment']>[number];

type EquipmentProps = {
  readonly equipment: readonly Item[];
  readonly currency: string;
  readonly onKeep: (equipment: readonly Item[]) => void;
};

/** What wears out, and over how many batches. */
export const Equipment = ({ equipment, currency, onKeep }: EquipmentProps): ReactNode => (
  <ul className="flex flex-col gap-1" aria-label="What wears out">
    {equipment.map((one, i) => (
      <ItemRow
        key={i}
        item={one}
        currency={currency}
        onChange={(next) => onKeep(equipment.map((other, j) => (j === i ? next : other)))}
        onDrop={() => onKeep(equipment.filter((_, j) => j !== i))}
      />
    ))}
    <li>
      <AddItem onAdd={(name) => onKeep([...equipment, { name, price: 50, batches: 200 }])} />
    </li>
  </ul>
);

type ItemRowProps = {
  readonly item: Item;
  readonly currency: string;
  readonly onChange: (item: Item) => void;
  readonly onDrop: () => void;
};

const ItemRow = ({ item, currency, onChange, onDrop }: ItemRowProps): ReactNode => (
  <li className="flex flex-wrap items-center gap-x-3">
    <strong className="w-52">{item.name}</strong>
    <NumberField
      label={`Price of ${item.name}`}
      shown={false}
      unit={currency}
      value={item.price}
      min={0}
      max={100000}
      width="w-14"
      onChange={(price) => onChange({ ...item, price })}
    />
    <NumberField
      label="lasts for"
      unit="batches"
      value={item.batches}
      min={1}
      max={100000}
      onChange={(batches) => onChange({ ...item, batches })}
    />
    <span className="text-soft">{money(item.price / item.batches, currency)} a batch</span>
    <button
      type="button"
      aria-label={`Take out ${item.name}`}
      className="rounded-full p-1 text-soft hover:text-stop"
      onClick={onDrop}
    >
      <X aria-hidden size={15} />
    </button>
  </li>
);

function AddItem({ onAdd }: { readonly onAdd: (name: string) => void }): ReactNode {
  const [name, setName] = useState('');
  return (
    <form
      className="flex items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() === '') return;
        onAdd(name.trim());
        setName('');
      }}
    >
      <input
        aria-label="Something that wears out"
        value={name}
        maxLength={80}
        placeholder="something that wears out"
        className="rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-0.5 placeholder:text-soft"
        onChange={({ target }) => setName(target.value)}
      />
      <Button look="small" type="submit">
        <Plus aria-hidden size={14} /> Add
      </Button>
    </form>
  );
}
