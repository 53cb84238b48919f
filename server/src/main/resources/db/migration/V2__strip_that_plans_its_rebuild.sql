-- What a careful mechanic notes beyond what came off and where; kept as it was entered.
alter table step add column detail text;
alter table step_aud add column detail text;

-- Changes that belong together are undone together.
alter table strip_action add column batch uuid;
update strip_action set batch = gen_random_uuid();
alter table strip_action alter column batch set not null;

-- What is said at the bench about the order.
create table statement (
    id uuid not null,
    job_id uuid not null references job,
    kind text not null,
    first_step uuid not null references step,
    then_step uuid not null references step,
    or_else uuid references step,
    reason text not null,
    removed boolean not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null,
    primary key (id)
);
create index statement_of_job on statement (job_id);
create table statement_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    job_id uuid,
    kind text,
    first_step uuid,
    then_step uuid,
    or_else uuid,
    reason text,
    removed boolean,
    changed_by text,
    changed_at timestamptz,
    primary key (rev, id)
);

-- Shafts, bores and covers of a unit beyond its papers, and the openings of its housing.
alter table unit add column layout text;
alter table unit_aud add column layout text;

-- The order of the rebuild that was chosen; without a row it is the strip turned round.
create table build_order (
    job_id uuid not null references job,
    steps text not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null,
    primary key (job_id)
);
create table build_order_aud (
    rev bigint not null references revision,
    revtype smallint,
    job_id uuid not null,
    steps text,
    changed_by text,
    changed_at timestamptz,
    primary key (rev, job_id)
);

-- A lead's reason for going on although the check of a card is not passed.
alter table fitting add column waiver text not null default '';
alter table fitting_aud add column waiver text;

-- Pictures, turned upright and freed of where they were taken; what is drawn on them stays beside them.
create table photo (
    id uuid not null,
    job_id uuid not null references job,
    step_id uuid not null references step,
    place integer not null,
    width integer not null,
    height integer not null,
    picture bytea not null,
    thumbnail bytea not null,
    caption text not null,
    marks text not null,
    removed boolean not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null,
    primary key (id)
);
create index photo_of_job on photo (job_id);
create table photo_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    job_id uuid,
    step_id uuid,
    place integer,
    width integer,
    height integer,
    caption text,
    marks text,
    removed boolean,
    changed_by text,
    changed_at timestamptz,
    primary key (rev, id)
);

-- Counts the writes to a job, so that an open screen learns in a moment whether anything changed.
alter table job add column touched bigint not null default 0;

create index step_by_part on step (lower(part) text_pattern_ops) where not removed;
