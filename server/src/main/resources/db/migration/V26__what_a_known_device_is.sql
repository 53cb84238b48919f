-- What a known device is and where it was seen last, so that its owner finds the one that was lost.
alter table known_device add column is_hand_held boolean not null default false;
alter table known_device add column seen_from text not null default '';
