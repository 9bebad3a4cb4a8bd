-- Who has which job open, and when that was heard last.
ALTER TABLE benches
    ADD COLUMN name     TEXT        NOT NULL DEFAULT '',
    ADD COLUMN job_id   TEXT        COLLATE "C",
    ADD COLUMN seen_at  TIMESTAMPTZ NOT NULL DEFAULT now();
