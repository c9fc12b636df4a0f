/** Why: a kitchen with two pans has two batches on the heat at once. */

export async function up(knex) {
  await knex.schema.alterTable('household', (t) => {
    t.jsonb('heats').notNullable().defaultTo('{}');
  });
}

export async function down(knex) {
  await knex.schema.alterTable('household', (t) => {
    t.dropColumn('heats');
  });
}
