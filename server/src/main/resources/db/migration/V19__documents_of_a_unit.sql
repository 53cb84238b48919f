-- Papers of the maker that lie beside the log and the card: a procedure, a drawing, a plate. Every page is kept as a picture, so that any
-- screen shows it; what was handed in stays beside it as it was.
create table unit_document (
    id uuid not null primary key,
    unit_id uuid not null references unit,
    title text not null,
    media text not null check (media in ('application/pdf', 'image/jpeg')),
    pages integer not null check (pages between 1 and 40),
    original bytea not null,
    removed boolean not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null
);
create index unit_document_of_unit on unit_document (unit_id);

create table unit_document_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    unit_id uuid,
    title text,
    media text,
    pages integer,
    removed boolean,
    changed_by text,
    changed_at timestamptz,
    primary key (id, rev)
);

create table unit_document_page (
    document_id uuid not null references unit_document on delete cascade,
    number integer not null check (number >= 1),
    picture bytea not null,
    primary key (document_id, number)
);
