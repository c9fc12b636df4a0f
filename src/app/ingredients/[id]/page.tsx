import type { Metadata } from 'next';
import { loadOwnIngredient } from '@/server/pages/ingredientsPage';
import { IngredientForm } from '@/ui/features/ingredients/ingredientForm';
import { page } from '../../page-tools';

export const metadata: Metadata = { title: 'Ingredient' };

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  const { id } = await params;
  return page(
    () => loadOwnIngredient(id),
    (edit) => <IngredientForm key={edit.id + edit.version} edit={edit} name={edit.name} />,
  );
}
