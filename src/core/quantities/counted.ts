/** A count with its noun: "1 piece", "30 pieces", "1 batch", "2 batches". A last word that is not made with an s is given. */
export const counted = (count: number, one: string, many = `${one}s`): string => `${count} ${count === 1 ? one : many}`;
