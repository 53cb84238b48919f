-- Value at which a setting of the part stands after the rebuild, beside the value as found.
alter table fitting add column set_to text not null default '';
alter table fitting_aud add column set_to text;
