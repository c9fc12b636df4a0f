/** Why: kitchen measures are said in the spoons and cups that this kitchen owns. Null means the usual set. */
export async function up(knex) {
  await knex.schema.alterTable('household', (t) => {
    t.specificType('measures', 'text[]');
    t.check('measures is null or cardinality(measures) > 0', [], 'household_owns_a_measure');
  });
}

export async function down(knex) {
  await knex.schema.alterTable('household', (t) => t.dropColumn('measures'));
}
