import { redirect } from 'next/navigation';

/** A visitor lands in the recipe book; one click further is a batch. */
export default function Page(): never {
  redirect('/recipes');
}
