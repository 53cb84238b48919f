-- Records carry names and not keys: a name that somebody bore is nobody else's, however that person is called now.
create table name_borne (
    name text not null,
    person_id uuid not null,
    primary key (name)
);
insert into name_borne select lower(name), id from person;
