-- Instruments of the shop, and answers of drawers kept to jobs.

create table instrument (
    id uuid not null,
    name text not null,
    kind text not null,
    resolution_text text not null,
    resolution_unit text not null,
    resolution_mm double precision not null,
    max_error_text text not null,
    max_error_unit text not null,
    max_error_mm double precision not null,
    low_text text not null,
    low_unit text not null,
    low_mm double precision not null,
    high_text text not null,
    high_unit text not null,
    high_mm double precision not null,
    calibrated_on date not null,
    due_on date not null,
    removed boolean not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null,
    primary key (id)
);
create table instrument_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    name text,
    kind text,
    resolution_text text,
    resolution_unit text,
    resolution_mm double precision,
    max_error_text text,
    max_error_unit text,
    max_error_mm double precision,
    low_text text,
    low_unit text,
    low_mm double precision,
    high_text text,
    high_unit text,
    high_mm double precision,
    calibrated_on date,
    due_on date,
    removed boolean,
    changed_by text,
    changed_at timestamptz,
    primary key (rev, id)
);

create table kept_answer (
    id uuid not null,
    job_id uuid not null references job,
    station text not null,
    drawer text not null,
    subject text not null,
    remark text not null,
    entries text not null,
    removed boolean not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null,
    primary key (id)
);
create index kept_answer_of_job on kept_answer (job_id);
create table kept_answer_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    job_id uuid,
    station text,
    drawer text,
    subject text,
    remark text,
    entries text,
    removed boolean,
    changed_by text,
    changed_at timestamptz,
    primary key (rev, id)
);

-- Stages of other kinds than a pair on parallel shafts.
alter table unit add column other_stages text;
alter table unit_aud add column other_stages text;

-- A move is undone by where the step stood among the others, since places can be spread anew in between.
alter table strip_action add column moved boolean not null default false;
alter table strip_action add column stood_after uuid;
