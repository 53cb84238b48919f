-- Spares of the shop: where they lie, how many, and from how few on they are ordered again.
create table spare (
    id uuid not null primary key,
    name text not null,
    number text not null,
    place text not null,
    on_shelf integer not null check (on_shelf >= 0),
    per_year double precision not null check (per_year >= 0),
    lead_days double precision not null check (lead_days >= 0),
    level_percent double precision not null check (level_percent > 0 and level_percent < 100),
    removed boolean not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null
);
create unique index one_spare_a_number on spare (number) where not removed;

create table spare_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    name text,
    number text,
    place text,
    on_shelf integer,
    per_year double precision,
    lead_days double precision,
    level_percent double precision,
    removed boolean,
    changed_by text,
    changed_at timestamptz,
    primary key (id, rev)
);
