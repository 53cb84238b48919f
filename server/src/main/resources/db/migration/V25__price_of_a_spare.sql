-- What a spare cost the shop, so that a part taken from stores has its price on the job that takes it.
alter table spare add column each_cents bigint check (each_cents >= 0);
alter table spare_aud add column each_cents bigint;
alter table part_order add column from_stores boolean not null default false;
alter table part_order add column each_cents bigint check (each_cents >= 0);
alter table part_order_aud add column from_stores boolean;
alter table part_order_aud add column each_cents bigint;
update part_order set from_stores = true where state = 'RECEIVED' and quote is null and remark like 'from stores, %';
