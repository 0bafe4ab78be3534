-- A bowl that is shaped several ways is counted shape by shape.
alter table measurement add column portions jsonb not null default '[]';
