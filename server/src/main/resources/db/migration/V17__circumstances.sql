-- What raises checks: surroundings and kind of a unit, words of the complaint and history of a job. Null at a job: nobody has said
-- yet, and the free text is read.
alter table unit add column circumstances varchar(20)[] not null default '{}';
alter table unit_aud add column circumstances varchar(20)[];
alter table job add column circumstances varchar(20)[];
alter table job_aud add column circumstances varchar(20)[];
