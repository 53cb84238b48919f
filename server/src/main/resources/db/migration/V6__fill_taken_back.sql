-- A fill that was kept on a unit by mistake can be taken back, as a sample and a place can.
alter table place_fill add column removed boolean not null default false;
alter table place_fill alter column removed drop default;
alter table place_fill_aud add column removed boolean;
