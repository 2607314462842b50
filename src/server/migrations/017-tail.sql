-- Up to which revision the document says what was done: what the log has behind it is done to it by whoever reads it.
alter table investigations add column document_revision integer not null default 0;
update investigations set document_revision = revision;
