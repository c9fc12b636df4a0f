/** Why: one household's meals, batches, marinades, what was done when, and how it tasted. */

const id = (t, knex) => t.uuid('id').primary().defaultTo(knex.raw('gen_random_uuid()'));
const household = (t) => t.uuid('household_id').notNullable().references('household.id').onDelete('CASCADE');
const versioned = (t, knex) => {
  t.integer('version').notNullable().defaultTo(1);
  t.timestamp('created_at').notNullable().defaultTo(knex.fn.now());
  t.timestamp('updated_at').notNullable().defaultTo(knex.fn.now());
  t.timestamp('deleted_at');
};
/** Rows point only at rows of their own household. */
const ownedBy = (t, column, table) =>
  t.foreign(['household_id', column]).references(['household_id', 'id']).inTable(table);

export async function up(knex) {
  await knex.schema.createTable('household', (t) => {
    id(t, knex);
    t.text('name').notNullable();
    t.text('zone').notNullable();
    t.integer('version').notNullable().defaultTo(1);
    t.timestamp('created_at').notNullable().defaultTo(knex.fn.now());
    t.timestamp('updated_at').notNullable().defaultTo(knex.fn.now());
  });

  await knex.schema.createTable('ingredient', (t) => {
    household(t);
    t.text('id').notNullable();
    t.primary(['household_id', 'id']);
    t.text('name').notNullable();
    t.specificType('other_names', 'text[]').notNullable();
    t.text('kind').notNullable();
    t.double('density_g_per_ml').notNullable();
    t.double('water_fraction').notNullable();
    t.double('salt_fraction').notNullable();
    t.double('sugar_fraction').notNullable();
    t.specificType('allergens', 'text[]').notNullable();
    t.boolean('strong_enzyme').notNullable().defaultTo(false);
    t.boolean('alcohol').notNullable().defaultTo(false);
    t.boolean('glutamate').notNullable().defaultTo(false);
    t.text('piece_name');
    t.double('piece_mass_g');
    t.check('density_g_per_ml > 0');
    t.check(
      'water_fraction >= 0 and salt_fraction >= 0 and sugar_fraction >= 0 and water_fraction + salt_fraction + sugar_fraction <= 1.001',
    );
    t.check('(piece_name is null) = (piece_mass_g is null)');
  });

  await knex.schema.createTable('marinade', (t) => {
    id(t, knex);
    household(t);
    t.unique(['household_id', 'id']);
    t.text('name').notNullable();
    t.text('note').notNullable().defaultTo('');
    t.specificType('ways', 'text[]').notNullable();
    t.double('for_mass_g').notNullable();
    t.integer('minutes_from').notNullable();
    t.integer('minutes_to').notNullable();
    t.double('hold_back_share').notNullable().defaultTo(0);
    t.text('hold_back_for');
    versioned(t, knex);
    t.check('length(name) between 1 and 120');
    t.check('for_mass_g > 0');
    t.check('minutes_from >= 0 and minutes_to >= minutes_from and minutes_to <= 4320');
    t.check('hold_back_share >= 0 and hold_back_share < 1');
  });

  await knex.schema.createTable('marinade_line', (t) => {
    id(t, knex);
    household(t);
    t.uuid('marinade_id').notNullable();
    t.foreign(['household_id', 'marinade_id'])
      .references(['household_id', 'id'])
      .inTable('marinade')
      .onDelete('CASCADE');
    t.integer('position').notNullable();
    t.text('ingredient_id').notNullable();
    ownedBy(t, 'ingredient_id', 'ingredient');
    t.double('mass_g').notNullable();
    t.text('note').notNullable().defaultTo('');
    t.unique(['marinade_id', 'position']);
    t.check('mass_g > 0');
  });

  await knex.schema.createTable('meal', (t) => {
    id(t, knex);
    household(t);
    t.unique(['household_id', 'id']);
    t.text('name').notNullable();
    t.timestamp('table_at').notNullable();
    t.text('zone').notNullable();
    t.integer('people').notNullable();
    versioned(t, knex);
    t.check('length(name) between 1 and 120');
    t.check('people between 1 and 1000');
    t.index(['household_id', 'table_at']);
  });

  await knex.schema.createTable('batch', (t) => {
    id(t, knex);
    household(t);
    t.unique(['household_id', 'id']);
    t.uuid('meal_id').notNullable();
    ownedBy(t, 'meal_id', 'meal');
    t.uuid('marinade_id').notNullable();
    ownedBy(t, 'marinade_id', 'marinade');
    t.text('name').notNullable();
    t.text('way').notNullable();
    t.integer('people').notNullable();
    t.timestamp('table_at').notNullable();
    t.text('zone').notNullable();
    t.smallint('plan_version').notNullable();
    t.jsonb('plan').notNullable();
    versioned(t, knex);
    t.check('length(name) between 1 and 120');
    t.check('people between 1 and 200');
    t.check("way in ('stir-fry', 'flat-skewers')", [], 'batch_way_known');
    t.index(['household_id', 'meal_id']);
    t.index(['household_id', 'table_at']);
  });

  await knex.schema.createTable('piece', (t) => {
    id(t, knex);
    household(t);
    t.uuid('batch_id').notNullable().unique();
    t.foreign(['household_id', 'batch_id']).references(['household_id', 'id']).inTable('batch').onDelete('CASCADE');
    t.text('cut_id').notNullable();
    t.double('mass_g').notNullable();
    t.double('height_mm').notNullable();
    t.check('mass_g > 0 and mass_g <= 30000');
    t.check('height_mm > 0 and height_mm <= 200');
  });

  await knex.schema.createTable('job', (t) => {
    id(t, knex);
    household(t);
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

  await knex.schema.createTable('event', (t) => {
    t.uuid('id').primary();
    household(t);
    t.uuid('batch_id').notNullable();
    ownedBy(t, 'batch_id', 'batch');
    t.bigIncrements('sequence', { primaryKey: false }).notNullable();
    t.text('kind').notNullable();
    t.text('job_key');
    t.timestamp('at').notNullable();
    t.text('zone').notNullable();
    t.jsonb('payload').notNullable().defaultTo('{}');
    t.timestamp('recorded_at').notNullable().defaultTo(knex.fn.now());
    t.index(['batch_id', 'sequence']);
  });
  await knex.raw(`
    create function event_is_append_only() returns trigger language plpgsql as $$
    begin
      raise exception 'events are only ever added' using errcode = 'restrict_violation';
    end $$;
    create trigger event_append_only before update or delete on event for each row execute function event_is_append_only();
  `);

  await knex.schema.createTable('tasting', (t) => {
    id(t, knex);
    household(t);
    t.uuid('batch_id').notNullable();
    ownedBy(t, 'batch_id', 'batch');
    t.smallint('tenderness').notNullable();
    t.smallint('juiciness').notNullable();
    t.smallint('salt').notNullable();
    t.smallint('sweetness').notNullable();
    t.smallint('mush').notNullable();
    t.smallint('soapiness').notNullable();
    t.text('note').notNullable().defaultTo('');
    t.text('change_next').notNullable().defaultTo('');
    t.timestamp('tasted_at').notNullable();
    versioned(t, knex);
    t.check('tenderness between 1 and 5 and juiciness between 1 and 5');
    t.check('salt between -2 and 2 and sweetness between -2 and 2');
    t.check('mush between 0 and 3 and soapiness between 0 and 3');
    t.check('length(note) <= 2000 and length(change_next) <= 500');
    t.index(['household_id', 'tasted_at']);
  });
}

export async function down(knex) {
  for (const table of [
    'tasting',
    'event',
    'job',
    'piece',
    'batch',
    'meal',
    'marinade_line',
    'marinade',
    'ingredient',
    'household',
  ])
    await knex.schema.dropTable(table);
  await knex.raw('drop function event_is_append_only()');
}
