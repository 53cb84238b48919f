-- Whose records these are, so that records that were emptied are never taken for new ones and filled with the demo.
create table origin (
    only_one boolean not null default true check (only_one),
    kind text not null check (kind in ('NEW', 'DEMO', 'SHOP')),
    since timestamptz not null default now(),
    primary key (only_one)
);

-- New are only tables in which nothing was ever written. Up to now people came with the demo only.
insert into origin (kind)
select case
    when exists (select from person) then 'DEMO'
    when not exists (select from unit)
        and not exists (select from write_receipt)
        and not (select is_called from revision_number_seq)
        and exists (select from pg_constraint where conrelid = 'person'::regclass and contype = 'p') then 'NEW'
    else 'SHOP'
end;
