-- Who tried for himself that an isolated unit does not start, beside who isolated it; names joined by line feeds.
alter table job_isolation add column tried_by text not null default '';
alter table job_isolation_aud add column tried_by text;
