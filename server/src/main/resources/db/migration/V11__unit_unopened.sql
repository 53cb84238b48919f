-- A unit can be registered before anybody knows how fast it turns.
alter table unit alter column input_speed_rpm drop not null;
