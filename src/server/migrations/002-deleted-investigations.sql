alter table investigations add column deleted_at timestamptz;
