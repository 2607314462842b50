-- Up to which revision the log says who did what and when, but no longer how to undo it: moments in there are kept states.
alter table investigations add column folded_to integer not null default 0;
