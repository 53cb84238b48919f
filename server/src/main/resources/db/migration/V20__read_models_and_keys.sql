-- What the list of a unit's jobs shows of a signed one, beside the sealed view it was taken from: a list never opens the seals.
-- Null where a job was signed before views were sealed.
alter table job_seal add column backlash_mm double precision[];

update job_seal set backlash_mm = array(
    select value::double precision
    from jsonb_array_elements_text(
        jsonb_path_query_array(view::jsonb, '$.meshes[*].after.result.backlash.mean.circumferentialMm')
    )
)
where view is not null;

-- The history is asked by record, so its keys begin with the record.
do $$
declare
    history record;
begin
    for history in
        select c.conrelid::regclass as name, c.conname,
            (select a.attname from unnest(c.conkey) k
                join pg_attribute a on a.attrelid = c.conrelid and a.attnum = k
                where a.attname <> 'rev') as record_key
        from pg_constraint c
        join pg_class t on t.oid = c.conrelid
        join pg_namespace n on n.oid = t.relnamespace and n.nspname = current_schema()
        where c.contype = 'p' and t.relname like '%\_aud' and array_length(c.conkey, 1) = 2
    loop
        execute format('alter table %s drop constraint %I', history.name, history.conname);
        execute format('alter table %s add primary key (%I, rev)', history.name, history.record_key);
    end loop;
end $$;

-- What points at a record is found from it: a part that goes is looked for in all of these.
create index strip_action_step on strip_action (step_id);
create index statement_first_step on statement (first_step);
create index statement_then_step on statement (then_step);
create index statement_or_else on statement (or_else);
create index photo_step on photo (step_id);
create index photo_finding on photo (finding_id);
create index finding_step on finding (step_id);
create index place_fill_lubricant on place_fill (lubricant_id);

-- Receipts are swept by age.
create index write_receipt_at on write_receipt (at);

-- A job is signed or put away, never both, and says who and when together.
alter table job add constraint job_signed_by_somebody check ((signed_by is null) = (signed_at is null));
alter table job add constraint job_ends_once check (signed_at is null or put_away_at is null);
alter table job add constraint job_number_counts check (number > 0);
