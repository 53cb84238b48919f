-- Screws that were ticked one by one as they were tightened, over all rounds; null where nobody ticked.
alter table fitting add column ticked integer;
alter table fitting_aud add column ticked integer;
