import Papa from 'papaparse';
import type { ShoppingItem } from '@/core/costing';

/** A shopping list as a table for a spreadsheet or a phone. */
export function toShoppingCsv(items: readonly ShoppingItem[], currency: string): string {
  const rows = items.map(({ ingredient, need_g, have_g, buy_g, packs, leftOver_g, cost }) => ({
    ingredient: ingredient.name,
    need_g: Math.round(need_g),
    have_g: Math.round(have_g),
    buy_g: Math.round(buy_g),
    packs: packs.map(({ count, pack_g }) => `${count} x ${pack_g} g`).join(' + '),
    left_over_g: Math.round(leftOver_g),
    [`cost_${currency.toLowerCase()}`]: cost === null ? '' : cost.toFixed(2),
  }));
  return `${Papa.unparse(rows, { escapeFormulae: true, newline: '\n' })}\n`;
}
