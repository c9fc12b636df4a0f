/** Why: the batches of a meal share the hands there are. */

export async function up(knex) {
  await knex.schema.alterTable('household', (t) => {
    t.smallint('cooks').notNullable().defaultTo(1);
    t.check('cooks between 1 and 4', [], 'household_cooks_few');
  });
}

export async function down(knex) {
  await knex.schema.alterTable('household', (t) => {
    t.dropColumn('cooks');
  });
}
