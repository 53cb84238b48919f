-- What this shop calls a thing: said by a lead, or learned where somebody at the bench corrected what a name was taken for.
create table own_word (
    id uuid not null primary key,
    name text not null,
    kind text,
    found text,
    learned_from text not null,
    times integer not null,
    last_step uuid,
    removed boolean not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null,
    constraint own_word_means_one_thing check ((kind is null) <> (found is null))
);
create unique index own_word_name on own_word (name);
create table own_word_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    name text,
    kind text,
    found text,
    learned_from text,
    times integer,
    last_step uuid,
    removed boolean,
    changed_by text,
    changed_at timestamptz,
    primary key (id, rev)
);
