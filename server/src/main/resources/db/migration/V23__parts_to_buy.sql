-- The bill of parts of a unit, whole, as its diagram has it, with the numbers that replace each other and the serial number of the machine.
create table bill_of_parts (
    unit_id uuid not null primary key references unit,
    serial text not null,
    lines text not null,
    replacements text not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null
);

create table bill_of_parts_aud (
    unit_id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    serial text,
    lines text,
    replacements text,
    changed_by text,
    changed_at timestamptz,
    primary key (unit_id, rev)
);

-- A part that a job buys: what is wanted, what the supplier said of it, and where it stands.
create table part_order (
    id uuid not null primary key,
    job_id uuid not null references job,
    step_id uuid references step,
    name text not null,
    number text not null,
    quantity integer not null check (quantity between 1 and 1000),
    state text not null check (state in ('WANTED', 'ORDERED', 'RECEIVED', 'CALLED_OFF')),
    quote text,
    remark text not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null
);
create index part_order_of_job on part_order (job_id);
create index part_order_step on part_order (step_id);

create table part_order_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    job_id uuid,
    step_id uuid,
    name text,
    number text,
    quantity integer,
    state text,
    quote text,
    remark text,
    changed_by text,
    changed_at timestamptz,
    primary key (id, rev)
);

-- Hours of a job, estimated and worked, and the sum of parts a lead has said yes to.
create table job_estimate (
    job_id uuid not null primary key references job,
    hours double precision not null check (hours >= 0),
    worked_hours double precision not null check (worked_hours >= 0),
    approved_cents bigint check (approved_cents >= 0),
    approved_by text,
    approved_at timestamptz,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null,
    check ((approved_cents is null) = (approved_by is null) and (approved_by is null) = (approved_at is null))
);

create table job_estimate_aud (
    job_id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    hours double precision,
    worked_hours double precision,
    approved_cents bigint,
    approved_by text,
    approved_at timestamptz,
    changed_by text,
    changed_at timestamptz,
    primary key (job_id, rev)
);

-- What the shop reckons with.
create table shop_money (
    id integer not null primary key check (id = 1),
    currency text not null check (currency ~ '^[A-Z]{3}$'),
    rate_cents bigint not null check (rate_cents >= 0),
    limit_cents bigint check (limit_cents >= 0),
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null
);

create table shop_money_aud (
    id integer not null,
    rev bigint not null references revision,
    revtype smallint,
    currency text,
    rate_cents bigint,
    limit_cents bigint,
    changed_by text,
    changed_at timestamptz,
    primary key (id, rev)
);
