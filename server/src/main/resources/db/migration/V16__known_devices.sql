-- Whoever guesses at a PIN from elsewhere does not keep its owner out at the bench: a device on which a person has signed in
-- counts for itself. Each lock in a row is twice as long as the one before.
alter table person add column locks integer not null default 0;

create table known_device (
    id text primary key,
    person_id uuid not null references person on delete cascade,
    wrong_pins integer not null,
    locked_until timestamptz,
    locks integer not null,
    last_used_at timestamptz not null
);
create index known_device_person on known_device (person_id);
