-- "Sound" was where a step's form started, so nobody can tell who said it. In jobs that are still open it is asked again; what was
-- signed stays as it was signed.
update step set condition = 'NOT_SAID'
where condition = 'SOUND' and job_id in (select id from job where signed_at is null);
