-- What was seen, measured and answered stands in one table, tied to its part, its mesh and its question by key.
create table finding (
    id uuid not null,
    job_id uuid not null references job,
    sort text not null,
    station text not null,
    question text not null,
    step_id uuid references step,
    stage integer,
    member text,
    words text not null,
    given text not null,
    remark text not null,
    removed boolean not null,
    version bigint not null,
    changed_by text not null,
    changed_at timestamptz not null,
    primary key (id)
);
create index finding_of_job on finding (job_id);
create table finding_aud (
    id uuid not null,
    rev bigint not null references revision,
    revtype smallint,
    job_id uuid,
    sort text,
    station text,
    question text,
    step_id uuid,
    stage integer,
    member text,
    words text,
    given text,
    remark text,
    removed boolean,
    changed_by text,
    changed_at timestamptz,
    primary key (rev, id)
);

-- A number as it was typed, the way requests carry it; nothing when there is none.
create function pg_temp.typed(typed_text text, typed_unit text) returns jsonb language sql as $$
    select case when typed_text is null then null else jsonb_build_object('text', typed_text, 'unit', typed_unit) end
$$;

insert into finding
select m.id, m.job_id, 'MEASURED', m.station, m.kind, null, m.stage, m.member, '',
    jsonb_strip_nulls(jsonb_build_object(
        'station', m.station, 'kind', m.kind, 'stage', m.stage, 'member', m.member,
        'teethSpanned', m.teeth_spanned,
        'radius', pg_temp.typed(m.radius_text, m.radius_unit),
        'tilt', pg_temp.typed(m.tilt_text, m.tilt_unit),
        'resolution', pg_temp.typed(m.resolution_text, m.resolution_unit),
        'maxError', pg_temp.typed(m.max_error_text, m.max_error_unit),
        'makersBacklash', pg_temp.typed(m.makers_backlash_text, m.makers_backlash_unit),
        'makersWearPercent', m.makers_wear_percent,
        'referenceSpan', pg_temp.typed(m.reference_span_text, m.reference_span_unit),
        'makersReference', m.makers_reference, 'remark', m.remark,
        'readings', coalesce((
            select jsonb_agg(pg_temp.typed(r.reading_text, r.reading_unit) order by r.place)
            from measurement_reading r where r.measurement_id = m.id), '[]'::jsonb)))::text,
    m.remark, m.removed, m.version, m.changed_by, m.changed_at
from measurement m;

-- The history of the readings is kept line by line: at a revision stand the lines that came by then and had not gone again.
insert into finding_aud
select m.id, m.rev, m.revtype, m.job_id, 'MEASURED', m.station, m.kind, null, m.stage, m.member, '',
    jsonb_strip_nulls(jsonb_build_object(
        'station', m.station, 'kind', m.kind, 'stage', m.stage, 'member', m.member,
        'teethSpanned', m.teeth_spanned,
        'radius', pg_temp.typed(m.radius_text, m.radius_unit),
        'tilt', pg_temp.typed(m.tilt_text, m.tilt_unit),
        'resolution', pg_temp.typed(m.resolution_text, m.resolution_unit),
        'maxError', pg_temp.typed(m.max_error_text, m.max_error_unit),
        'makersBacklash', pg_temp.typed(m.makers_backlash_text, m.makers_backlash_unit),
        'makersWearPercent', m.makers_wear_percent,
        'referenceSpan', pg_temp.typed(m.reference_span_text, m.reference_span_unit),
        'makersReference', m.makers_reference, 'remark', m.remark,
        'readings', coalesce((
            select jsonb_agg(pg_temp.typed(last.reading_text, last.reading_unit) order by last.place)
            from (
                select distinct on (r.place) r.place, r.reading_text, r.reading_unit, r.original_id_revtype
                from measurement_reading_aud r
                where r.measurement_id = m.id and r.rev <= m.rev
                order by r.place, r.rev desc, r.original_id_revtype
            ) last
            where last.original_id_revtype <> 2), '[]'::jsonb)))::text,
    m.remark, m.removed, m.changed_by, m.changed_at
from measurement_aud m;

insert into finding
select a.id, a.job_id, 'ANSWERED', a.station, a.drawer, null, null, null, a.subject,
    jsonb_build_object('entries', a.entries::jsonb)::text,
    a.remark, a.removed, a.version, a.changed_by, a.changed_at
from kept_answer a;

insert into finding_aud
select a.id, a.rev, a.revtype, a.job_id, 'ANSWERED', a.station, a.drawer, null, null, null, a.subject,
    case when a.entries is null then null else jsonb_build_object('entries', a.entries::jsonb)::text end,
    a.remark, a.removed, a.changed_by, a.changed_at
from kept_answer_aud a;

-- An answer that named a part of its job by its words is tied to it, where one part only bears that name.
update finding f set step_id = named.id
from (
    select s.job_id, lower(s.part) as part, min(s.id::text)::uuid as id
    from step s where not s.removed group by s.job_id, lower(s.part) having count(*) = 1
) named
where f.sort = 'ANSWERED' and f.job_id = named.job_id and lower(trim(f.words)) = named.part;

-- An answer that named a gear as the papers do ("wheel 2, z 68") is tied to it.
update finding set
    member = upper(substring(words from '^\s*([a-zA-Z]+) [0-9]+,')),
    stage = substring(words from '^\s*[a-zA-Z]+ ([0-9]+),')::integer
where sort = 'ANSWERED' and words ~* '^\s*(pinion|wheel) [0-9]{1,2},';

drop table measurement_reading;
drop table measurement_reading_aud;
drop table measurement;
drop table measurement_aud;
drop table kept_answer;
drop table kept_answer_aud;

-- A picture may show a finding.
alter table photo add column finding_id uuid references finding;
alter table photo_aud add column finding_id uuid;
