/** Why: marinades warmed on the stove and oil from the start; ingredients of the cook's own, from a label. */

export async function up(knex) {
  await knex.schema.alterTable('marinade', (t) => {
    t.boolean('heated').notNullable().defaultTo(false);
    t.boolean('oil_first').notNullable().defaultTo(false);
  });
  await knex.schema.alterTable('ingredient', (t) => {
    t.boolean('own').notNullable().defaultTo(false);
    t.double('acid_fraction').notNullable().defaultTo(0);
    t.double('fat_fraction').notNullable().defaultTo(0);
    t.double('starch_fraction').notNullable().defaultTo(0);
    t.integer('version').notNullable().defaultTo(1);
    t.timestamp('created_at').notNullable().defaultTo(knex.fn.now());
    t.timestamp('updated_at').notNullable().defaultTo(knex.fn.now());
    t.timestamp('deleted_at');
    t.check(
      'acid_fraction between 0 and 1 and fat_fraction between 0 and 1 and starch_fraction between 0 and 1',
      [],
      'ingredient_parts_are_shares',
    );
    t.index(['household_id', 'name']);
  });
}

export async function down(knex) {
  await knex.schema.alterTable('ingredient', (t) => {
    t.dropIndex(['household_id', 'name']);
    for (const column of [
      'deleted_at',
      'updated_at',
      'created_at',
      'version',
      'starch_fraction',
      'fat_fraction',
      'acid_fraction',
      'own',
    ])
      t.dropColumn(column);
  });
  await knex.schema.alterTable('marinade', (t) => {
    t.dropColumn('oil_first');
    t.dropColumn('heated');
  });
}
