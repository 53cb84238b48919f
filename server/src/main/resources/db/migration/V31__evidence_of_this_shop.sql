-- What a lead knows better than the table of evidence that ships; every change stays in the history with its reason.
create table evidence_correction (
    id uuid not null primary key,
    cause text not null,
    of_what text not null,
    value double precision not null,
    because text not null,
    removed boolean not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null
);
create unique index evidence_correction_place on evidence_correction (cause, of_what);
create table evidence_correction_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    cause text,
    of_what text,
    value double precision,
    because text,
    removed boolean,
    changed_by text,
    changed_at timestamptz,
    primary key (id, rev)
);
