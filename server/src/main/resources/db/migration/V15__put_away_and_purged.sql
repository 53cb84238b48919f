-- A unit that is gone and a job opened by mistake are put away: out of the way, still readable, taken back with one act.
alter table unit add column put_away_by text, add column put_away_at timestamptz, add column put_away_why text;
alter table unit_aud add column put_away_by text, add column put_away_at timestamptz, add column put_away_why text;
alter table job add column put_away_by text, add column put_away_at timestamptz, add column put_away_why text;
alter table job_aud add column put_away_by text, add column put_away_at timestamptz, add column put_away_why text;

drop index one_open_job_a_unit;
create unique index one_open_job_a_unit on job (unit_id) where signed_at is null and put_away_at is null;

-- What a lead took away for good leaves this line, so that a gap in the numbers is explained.
create table purged (
    id uuid primary key,
    what text not null,
    why text not null,
    jobs integer not null,
    signed_jobs integer not null,
    purged_by text not null,
    purged_at timestamptz not null
);
