-- What is kept as it was entered is jsonb: PostgreSQL refuses what is no JSON, and a question may look inside.
-- job_seal.view stays text: its digest is taken over its letters, and jsonb sorts keys.
create function pg_temp.hold_as_jsonb(in_table text, held text, nothing text) returns void language plpgsql as $$
begin
    execute format('alter table %I alter column %I drop default', in_table, held);
    -- jsonb knows no character 0. Texts are cleaned of it at the door; records from before may hold it, escaped.
    execute format(
        'alter table %I alter column %I type jsonb using regexp_replace(case when %I = '''' then %L else %I end, %L, %L, %L)::jsonb',
        in_table, held, held, nothing, held, '(?<!\\)((?:\\\\)*)\\u0000', '\1', 'g');
end $$;

do $$ begin
perform pg_temp.hold_as_jsonb(in_table || history, held, nothing)
from (values
    ('bill_of_parts', 'lines', '[]'),
    ('bill_of_parts', 'replacements', '[]'),
    ('build_order', 'steps', '[]'),
    ('finding', 'given', '{}'),
    ('instrument', 'in_doubt', '[]'),
    ('job_cause', 'answers', '{}'),
    ('lubricated_place', 'entries', '{}'),
    ('oil_sample', 'entries', '{}'),
    ('part_order', 'quote', null),
    ('photo', 'marks', '[]'),
    ('place_fill', 'drained', null),
    ('place_fill', 'from_shelf', null),
    ('step', 'detail', null),
    ('unit', 'layout', null),
    ('unit', 'positions', null),
    ('unit', 'stages', '[]')) as holding (in_table, held, nothing),
    (values (''), ('_aud')) as both_tables (history);
end $$;
