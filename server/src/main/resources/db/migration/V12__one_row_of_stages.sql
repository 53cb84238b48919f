-- Stages of every kind stand in one row, described the same way; a unit may have several positions of its levers.
create function pg_temp.entered(typed_text text, typed_unit text) returns jsonb language sql as $$
    select jsonb_build_object('text', typed_text, 'unit', typed_unit)
$$;
create function pg_temp.plain(value double precision, unit text) returns jsonb language sql as $$
    select pg_temp.entered(trim_scale(value::numeric)::text, unit)
$$;
create function pg_temp.pair(
    pinion_teeth integer, wheel_teeth integer, module_text text, module_unit text, pressure_angle_deg double precision,
    helix_angle_deg double precision, pinion_hand text, pinion_shift double precision, wheel_shift double precision,
    face_text text, face_unit text, centre_text text, centre_unit text) returns jsonb language sql as $$
    select jsonb_build_object('kind', 'PAIR', 'values', jsonb_build_object(
        'pinion.teeth', pg_temp.entered(pinion_teeth::text, ''),
        'wheel.teeth', pg_temp.entered(wheel_teeth::text, ''),
        'wheelKind', pg_temp.entered('OUTSIDE', ''),
        'normalModuleMm', pg_temp.entered(module_text, module_unit),
        'pressureAngleDeg', pg_temp.plain(pressure_angle_deg, '°'),
        'helixAngleDeg', pg_temp.plain(helix_angle_deg, '°'),
        'hand', pg_temp.entered(case pinion_hand when 'LEFT' then 'LEFT' else 'RIGHT' end, ''),
        'faceWidthMm', pg_temp.entered(face_text, face_unit),
        'pinion.profileShift', pg_temp.plain(pinion_shift, ''),
        'wheel.profileShift', pg_temp.plain(wheel_shift, ''),
        'rack', pg_temp.entered('full depth', ''),
        'centreDistanceMm', pg_temp.entered(centre_text, centre_unit)))
$$;
-- A pinion in a ring was a kind of its own and is a pair like any other.
create function pg_temp.other(stage jsonb) returns jsonb language sql as $$
    select jsonb_build_object(
        'kind', case stage ->> 'kind' when 'RING' then 'PAIR' else stage ->> 'kind' end, 'values', stage -> 'values')
$$;

alter table unit add column stages text;
alter table unit add column positions text;
alter table unit_aud add column stages text;
alter table unit_aud add column positions text;

-- A stage of another kind stood behind so many pairs; those behind none came first.
create temporary table row_of_stages on commit drop as
select unit_id, was_pair, stage, row_number() over (partition by unit_id order by behind, is_pair, place) as number
from (
    select s.unit_id, s.place as behind, true as is_pair, s.place, s.place + 1 as was_pair,
        pg_temp.pair(s.pinion_teeth, s.wheel_teeth, s.module_text, s.module_unit, s.pressure_angle_deg, s.helix_angle_deg,
            s.pinion_hand, s.pinion_shift, s.wheel_shift, s.face_text, s.face_unit, s.centre_text, s.centre_unit) as stage
    from unit_stage s
    union all
    select u.id, least((o.stage ->> 'after')::integer, (select count(*) from unit_stage p where p.unit_id = u.id)::integer),
        false, o.ord::integer, null, pg_temp.other(o.stage)
    from unit u, jsonb_array_elements(coalesce(u.other_stages, '[]')::jsonb) with ordinality o (stage, ord)
) every_stage;

update unit u set stages = coalesce(
    (select jsonb_agg(r.stage order by r.number) from row_of_stages r where r.unit_id = u.id)::text, '[]');
alter table unit alter column stages set not null;

-- At a revision stand the pairs that came by then and had not gone again.
update unit_aud a set stages = coalesce((
    select jsonb_agg(every_stage.stage order by behind, is_pair, place)
    from (
        select last.place as behind, true as is_pair, last.place,
            pg_temp.pair(last.pinion_teeth, last.wheel_teeth, last.module_text, last.module_unit, last.pressure_angle_deg,
                last.helix_angle_deg, last.pinion_hand, last.pinion_shift, last.wheel_shift, last.face_text,
                last.face_unit, last.centre_text, last.centre_unit) as stage
        from (
            select distinct on (s.place) s.*
            from unit_stage_aud s
            where s.unit_id = a.id and s.rev <= a.rev
            order by s.place, s.rev desc, s.original_id_revtype
        ) last
        where last.original_id_revtype <> 2
        union all
        select (o.stage ->> 'after')::integer, false, o.ord::integer, pg_temp.other(o.stage)
        from jsonb_array_elements(coalesce(a.other_stages, '[]')::jsonb) with ordinality o (stage, ord)
    ) every_stage)::text, '[]');

-- What was said of a pair goes with it to its number in the row.
update finding f set stage = r.number
from job j, row_of_stages r
where j.id = f.job_id and r.unit_id = j.unit_id and r.was_pair = f.stage and f.stage <> r.number;
update finding_aud f set stage = r.number
from job j, row_of_stages r
where j.id = f.job_id and r.unit_id = j.unit_id and r.was_pair = f.stage and f.stage <> r.number;
update step s set gear_stage = r.number
from job j, row_of_stages r
where j.id = s.job_id and r.unit_id = j.unit_id and r.was_pair = s.gear_stage and s.gear_stage <> r.number;
update step_aud s set gear_stage = r.number
from job j, row_of_stages r
where j.id = s.job_id and r.unit_id = j.unit_id and r.was_pair = s.gear_stage and s.gear_stage <> r.number;

-- Every stage has its shafts now: the input stays the input, the output the output, and a shaft between goes with its pinion.
create temporary table row_of_shafts on commit drop as
select u.id as unit_id, was, case
        when was = 1 then 1
        when was = greatest(old.pairs + 1, 2) then old.stages + 1
        else (select r.number from row_of_stages r where r.unit_id = u.id and r.was_pair = was) end as number
from unit u
join (
    select id, (select count(*) from unit_stage s where s.unit_id = unit.id)::integer as pairs,
        (select count(*) from row_of_stages r where r.unit_id = unit.id)::integer as stages
    from unit
) old on old.id = u.id, generate_series(1, greatest(old.pairs + 1, 2)) was
where old.stages > old.pairs and jsonb_array_length(coalesce(u.layout::jsonb -> 'axes', '[]'::jsonb)) = 0;
update step s set shaft = r.number
from job j, row_of_shafts r
where j.id = s.job_id and r.unit_id = j.unit_id and r.was = s.shaft and s.shaft <> r.number;
update step_aud s set shaft = r.number
from job j, row_of_shafts r
where j.id = s.job_id and r.unit_id = j.unit_id and r.was = s.shaft and s.shaft <> r.number;

-- Where shafts were named by hand, those that have no name yet get one by their number.
update unit u set layout = jsonb_set(u.layout::jsonb, '{axes}', (u.layout::jsonb -> 'axes') || (
    select jsonb_agg('shaft ' || i order by i)
    from generate_series(jsonb_array_length(u.layout::jsonb -> 'axes') + 1, wanted.shafts) i))::text
from (select unit_id, count(*)::integer + 1 as shafts from row_of_stages group by unit_id) wanted
where wanted.unit_id = u.id and jsonb_array_length(coalesce(u.layout::jsonb -> 'axes', '[]'::jsonb)) between 1 and wanted.shafts - 1;

drop table unit_stage;
drop table unit_stage_aud;
alter table unit drop column other_stages;
alter table unit_aud drop column other_stages;

-- Turns are counted in one position of the levers.
alter table job_turn_count add column position text not null default '';
alter table job_turn_count alter column position drop default;
alter table job_turn_count_aud add column position text;
update job_turn_count_aud set position = '';
