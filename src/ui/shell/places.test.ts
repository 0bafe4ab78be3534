import { expect, test } from 'vitest';
import { placesOf, thumbPlaces } from './places';

test('under a thumb are the batch, the oven and the jars; everything else is one press further, nothing is lost', () => {
  const places = placesOf('b1');
  const { bar, rest } = thumbPlaces(places);
  expect(bar.map(({ name }) => name)).toEqual(['Today', 'Batch', 'At the oven', 'Jars']);
  expect([...bar, ...rest].map(({ name }) => name).sort()).toEqual(places.map(({ name }) => name).sort());
});

test('without a batch the book stands in its stead', () => {
  expect(thumbPlaces(placesOf(null)).bar.map(({ name }) => name)).toEqual(['Today', 'Recipes', 'At the oven', 'Jars']);
});
