/** Why: nothing is planned for hands when nobody is in the kitchen. */

export async function up(knex) {
  await knex.schema.alterTable('meal', (t) => {
    t.jsonb('away').notNullable().defaultTo('[]');
  });
}

export async function down(knex) {
  await knex.schema.alterTable('meal', (t) => {
    t.dropColumn('away');
  });
}
