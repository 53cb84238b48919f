-- What a repair may cost against a new unit, and pictures of what was found on a mesh, which hangs on no part.
alter table job_estimate add column new_unit_cents bigint check (new_unit_cents > 0);
alter table job_estimate_aud add column new_unit_cents bigint;
alter table shop_money add column repair_share_percent double precision not null default 60 check (repair_share_percent between 1 and 100);
alter table shop_money_aud add column repair_share_percent double precision;
alter table photo alter column step_id drop not null;
alter table photo add constraint photo_of_something check (step_id is not null or finding_id is not null);
