-- A signed job as it was signed. Of jobs signed before, only the PDF was kept.
create table job_seal (
    job_id uuid not null references job,
    view text,
    page text,
    pdf bytea not null,
    primary key (job_id)
);

insert into job_seal (job_id, pdf) select id, signed_report from job where signed_report is not null;
alter table job drop column signed_report;
