-- People come and go and are looked after by a lead; what they wrote bears their names for ever.
alter table person add column version bigint not null default 0;
alter table person alter column version drop default;
alter table person add column changed_by text not null default '';
alter table person alter column changed_by drop default;
alter table person add column changed_at timestamptz not null default now();
alter table person alter column changed_at drop default;
alter table person add column left_at timestamptz;
update person set changed_by = name;
create unique index person_name on person (lower(name));
create table person_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    name text,
    role text,
    left_at timestamptz,
    changed_by text,
    changed_at timestamptz,
    primary key (rev, id)
);

-- The shop whose records these are.
create table shop (
    id integer not null check (id = 1),
    name text not null,
    system text not null,
    decimal_sign text not null,
    zone text not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null,
    primary key (id)
);
create table shop_aud (
    id integer not null,
    rev bigint not null references revision,
    revtype smallint,
    name text,
    system text,
    decimal_sign text,
    zone text,
    changed_by text,
    changed_at timestamptz,
    primary key (rev, id)
);

-- Up to now every shop was called as the demo's is, and told its time in UTC.
insert into shop
select 1, case kind when 'DEMO' then 'Salinas de Punta Brasa' else 'Our shop' end, 'METRIC', '.', 'UTC', 0, '', now()
from origin where kind <> 'NEW';
