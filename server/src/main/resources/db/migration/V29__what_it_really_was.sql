-- What somebody answered of the signs and quick tests of a job, and what it really was in the end.
create table job_cause (
    job_id uuid not null primary key references job,
    answers text not null,
    stated boolean not null,
    found boolean not null,
    cause text not null,
    words text not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null
);
create table job_cause_aud (
    job_id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    answers text,
    stated boolean,
    found boolean,
    cause text,
    words text,
    changed_by text,
    changed_at timestamptz,
    primary key (job_id, rev)
);
