alter table people add column language text;
