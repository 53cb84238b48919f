-- Lubricated places of units, what was put in and drawn off there, and oil samples. The single fill of a job becomes
-- the fill of a place named "sump"; its geometry moves from the job to the unit, where the next job finds it.

create table lubricated_place (
    id uuid not null,
    unit_id uuid not null references unit,
    name text not null,
    entries text not null,
    described_at timestamptz not null,
    removed boolean not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null,
    primary key (id)
);
create index lubricated_place_of_unit on lubricated_place (unit_id);
create table lubricated_place_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    unit_id uuid,
    name text,
    entries text,
    described_at timestamptz,
    removed boolean,
    changed_by text,
    changed_at timestamptz,
    primary key (rev, id)
);

create table place_fill (
    id uuid not null,
    place_id uuid not null references lubricated_place,
    job_id uuid references job,
    job_number bigint,
    kind text not null,
    done_on date not null,
    lubricant_id uuid references lubricant,
    from_shelf text,
    can text not null,
    amount_text text,
    amount_unit text,
    amount_canonical double precision,
    meter_text text,
    meter_unit text,
    meter_canonical double precision,
    drained text,
    source text not null,
    despite text not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null,
    primary key (id),
    unique (job_id, place_id)
);
create index place_fill_of_place on place_fill (place_id);
create table place_fill_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    place_id uuid,
    job_id uuid,
    job_number bigint,
    kind text,
    done_on date,
    lubricant_id uuid,
    from_shelf text,
    can text,
    amount_text text,
    amount_unit text,
    amount_canonical double precision,
    meter_text text,
    meter_unit text,
    meter_canonical double precision,
    drained text,
    source text,
    despite text,
    changed_by text,
    changed_at timestamptz,
    primary key (rev, id)
);

create table oil_sample (
    id uuid not null,
    place_id uuid not null references lubricated_place,
    taken_on date not null,
    meter_text text not null,
    meter_unit text not null,
    meter_canonical double precision not null,
    entries text not null,
    removed boolean not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null,
    primary key (id)
);
create index oil_sample_of_place on oil_sample (place_id);
create table oil_sample_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    place_id uuid,
    taken_on date,
    meter_text text,
    meter_unit text,
    meter_canonical double precision,
    entries text,
    removed boolean,
    changed_by text,
    changed_at timestamptz,
    primary key (rev, id)
);

alter table lubricant add column pour_text text;
alter table lubricant add column pour_unit text;
alter table lubricant add column pour_canonical double precision;
alter table lubricant add column flash_text text;
alter table lubricant add column flash_unit text;
alter table lubricant add column flash_canonical double precision;
alter table lubricant_aud add column pour_text text;
alter table lubricant_aud add column pour_unit text;
alter table lubricant_aud add column pour_canonical double precision;
alter table lubricant_aud add column flash_text text;
alter table lubricant_aud add column flash_unit text;
alter table lubricant_aud add column flash_canonical double precision;

insert into lubricated_place (id, unit_id, name, entries, described_at, removed, version, changed_by, changed_at)
select gen_random_uuid(), latest.unit_id, 'sump',
    jsonb_build_object(
        'fields', jsonb_build_object(
            'sort', jsonb_build_object('text', 'GEARS', 'unit', ''),
            'coldest', jsonb_build_object('text', latest.coldest_text, 'unit', latest.coldest_unit),
            'hottest', jsonb_build_object('text', latest.hottest_text, 'unit', latest.hottest_unit),
            'velocity', jsonb_build_object('text', '1', 'unit', ''),
            'shape', jsonb_build_object('text', 'BOX', 'unit', ''),
            'lengthMm', jsonb_build_object('text', latest.sump_length_text, 'unit', latest.sump_length_unit),
            'widthMm', jsonb_build_object('text', latest.sump_width_text, 'unit', latest.sump_width_unit),
            'heightMm', jsonb_build_object('text', latest.sump_height_text, 'unit', latest.sump_height_unit),
            'riseMm', jsonb_build_object('text', '0', 'unit', 'mm'),
            'tiltDeg', jsonb_build_object('text', '0', 'unit', '°'),
            'arrangement', jsonb_build_object('text', 'NONE', 'unit', ''),
            'axesMm', jsonb_build_object('text', latest.shaft_height_text, 'unit', latest.shaft_height_unit),
            'levelMm', jsonb_build_object('text', latest.level_text, 'unit', latest.level_unit)),
        'readings', jsonb_build_object())::text,
    latest.changed_at, false, 0, latest.changed_by, latest.changed_at
from (
    select distinct on (j.unit_id) j.unit_id, f.*
    from job_fill f join job j on j.id = f.job_id
    order by j.unit_id, f.changed_at desc) latest;

insert into place_fill (id, place_id, job_id, job_number, kind, done_on, can, amount_text, amount_unit,
    amount_canonical, source, despite, version, changed_by, changed_at)
select gen_random_uuid(), p.id, j.id, j.number, 'FILLED', (f.changed_at at time zone 'UTC')::date,
    f.oil_name || ', ISO ' || replace(f.grade, '_', ' '), f.filled_text, f.filled_unit, f.filled_canonical,
    f.grade_source, '', 0, f.changed_by, f.changed_at
from job_fill f
join job j on j.id = f.job_id
join lubricated_place p on p.unit_id = j.unit_id;

-- What was changed in these fills before stays readable in job_fill_aud.
drop table job_fill;
