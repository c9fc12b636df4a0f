import type { Metadata } from 'next';
import { loadIngredients } from '@/server/pages/ingredientsPage';
import { IngredientsScreen } from '@/ui/features/ingredients/ingredientsScreen';
import { page } from '../page-tools';

export const metadata: Metadata = { title: 'Ingredients' };

export default async function Page() {
  return page(loadIngredients, (ingredients) => <IngredientsScreen ingredients={ingredients} />);
}
