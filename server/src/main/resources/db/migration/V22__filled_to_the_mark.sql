-- Filled until it ran from the plug or stood at the mark: a way to say an amount that nobody measured.
alter table place_fill add column to_the_mark boolean not null default false;
alter table place_fill_aud add column to_the_mark boolean;
