-- Days in which an instrument was not to be trusted: what was read with it then counts as not made.
alter table instrument add column in_doubt text;
alter table instrument_aud add column in_doubt text;
