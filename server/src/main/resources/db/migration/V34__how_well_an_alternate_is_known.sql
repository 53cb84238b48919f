-- How well another part than the maker's is known, from A, its own number, to E, it looks alike.
alter table part_order add column known text check (known in ('A', 'B', 'C', 'D', 'E'));
alter table part_order_aud add column known text;
