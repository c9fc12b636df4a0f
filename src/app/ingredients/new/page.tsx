import type { Metadata } from 'next';
import { IngredientForm } from '@/ui/features/ingredients/ingredientForm';
import { text, within, type Search } from '../../page-tools';

export const metadata: Metadata = { title: 'An ingredient of your own' };

export default async function Page({ searchParams }: Search) {
  const { name, back } = await searchParams;
  return <IngredientForm name={(text(name) ?? '').slice(0, 120)} back={within(back)} />;
}
