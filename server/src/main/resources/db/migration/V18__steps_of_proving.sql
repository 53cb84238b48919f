-- What a unit shows before it leaves is a list of steps. The two ticks of before are answers to the steps they stood for; those of
-- signed jobs stay in what was sealed.
insert into finding (id, job_id, sort, station, question, words, given, remark, removed, version, changed_by, changed_at)
select gen_random_uuid(), p.job_id, 'STEP', 'PROVE', 'P-02', '', '{"result":"DONE"}', '', false, 0, p.changed_by, p.changed_at
from job_proof p join job j on j.id = p.job_id where p.turns_free and j.signed_at is null;
insert into finding (id, job_id, sort, station, question, words, given, remark, removed, version, changed_by, changed_at)
select gen_random_uuid(), p.job_id, 'STEP', 'PROVE', step, '', '{"result":"DONE","value":{"text":"0","unit":""}}', '', false, 0,
       p.changed_by, p.changed_at
from job_proof p join job j on j.id = p.job_id cross join (values ('P-09'), ('P-13')) as s (step)
where p.is_tight and j.signed_at is null;
alter table job_proof drop column turns_free, drop column is_tight;
alter table job_proof_aud drop column turns_free, drop column is_tight;
