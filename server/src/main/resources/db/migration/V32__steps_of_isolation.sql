-- What was done at each source of energy, confirmed one by one; jobs of the first days have none on record.
alter table job_isolation add column done text not null default '';
alter table job_isolation_aud add column done text;
