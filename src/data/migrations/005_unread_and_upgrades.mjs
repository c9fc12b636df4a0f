/** Why: lines of a marinade that were never read are kept as such; a cook's own fruit says how strong it is; planned jobs were written and read by nothing; two lookups had no index. */

export async function up(knex) {
  await knex.schema.alterTable('marinade', (t) => {
    t.jsonb('unread').notNullable().defaultTo('[]');
  });
  await knex.schema.alterTable('ingredient', (t) => {
    t.text('enzyme_class');
    t.check("enzyme_class in ('mild', 'strong', 'strongest')", [], 'ingredient_enzyme_class_known');
  });
  await knex.schema.alterTable('tasting', (t) => {
    t.index(['batch_id']);
  });
  await knex.schema.alterTable('batch', (t) => {
    t.index(['marinade_id']);
  });
  await knex.schema.dropTable('job');
}

export async function down(knex) {
  await knex.schema.createTable('job', (t) => {
    t.uuid('id').primary().defaultTo(knex.raw('gen_random_uuid()'));
    t.uuid('household_id').notNullable().references('household.id').onDelete('CASCADE');
    t.uuid('batch_id').notNullable();
    t.foreign(['household_id', 'batch_id']).references(['household_id', 'id']).inTable('batch').onDelete('CASCADE');
    t.text('key').notNullable();
    t.text('stage').notNullable();
    t.text('place').notNullable();
    t.boolean('hands').notNullable();
    t.timestamp('starts_at').notNullable();
    t.timestamp('ends_at').notNullable();
    t.unique(['batch_id', 'key']);
    t.check('ends_at >= starts_at');
    t.index(['household_id', 'starts_at']);
  });
  await knex.schema.alterTable('batch', (t) => {
    t.dropIndex(['marinade_id']);
  });
  await knex.schema.alterTable('tasting', (t) => {
    t.dropIndex(['batch_id']);
  });
  await knex.schema.alterTable('ingredient', (t) => {
    t.dropChecks('ingredient_enzyme_class_known');
    t.dropColumn('enzyme_class');
  });
  await knex.schema.alterTable('marinade', (t) => {
    t.dropColumn('unread');
  });
}
