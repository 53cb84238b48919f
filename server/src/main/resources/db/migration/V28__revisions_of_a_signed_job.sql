-- A signed job is corrected as a new revision; what was signed before stays as it was, with digests of the data and of the papers.
alter table job add column revision integer not null default 1 check (revision >= 1);
alter table job add column corrected_why text not null default '';
alter table job add column corrected_by text;
alter table job add column corrected_at timestamptz;
alter table job_aud add column revision integer;
alter table job_aud add column corrected_why text;
alter table job_aud add column corrected_by text;
alter table job_aud add column corrected_at timestamptz;

alter table job_seal add column revision integer not null default 1;
alter table job_seal add column signed_by text;
alter table job_seal add column signed_at timestamptz;
alter table job_seal add column why text not null default '';
alter table job_seal add column digest text not null default '';
alter table job_seal add column papers_digest text not null default '';
alter table job_seal drop constraint job_seal_pkey;
alter table job_seal add primary key (job_id, revision);
update job_seal s set
    signed_by = j.signed_by,
    signed_at = j.signed_at,
    digest = encode(sha256(convert_to(coalesce(s.view, ''), 'UTF8')), 'hex'),
    papers_digest = encode(sha256(convert_to(coalesce(s.page, ''), 'UTF8') || s.pdf), 'hex')
from job j where j.id = s.job_id;
