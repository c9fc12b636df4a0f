/** Why: the measure a cook wrote is kept with its line, so that half a cup is still said as half a cup. */

export async function up(knex) {
  await knex.schema.alterTable('marinade_line', (t) => {
    t.text('said').notNullable().defaultTo('');
  });
}

export async function down(knex) {
  await knex.schema.alterTable('marinade_line', (t) => {
    t.dropColumn('said');
  });
}
