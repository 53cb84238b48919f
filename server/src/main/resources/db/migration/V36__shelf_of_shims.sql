-- Shims on the shelf: what they fit, how thick, how many.
create table shim (
    id uuid not null primary key,
    name text not null,
    thickness_text text not null,
    thickness_unit text not null,
    thickness_mm double precision not null check (thickness_mm > 0),
    pieces integer not null check (pieces >= 0),
    place text not null,
    removed boolean not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null
);

create table shim_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    name text,
    thickness_text text,
    thickness_unit text,
    thickness_mm double precision,
    pieces integer,
    place text,
    removed boolean,
    changed_by text,
    changed_at timestamptz,
    primary key (id, rev)
);
