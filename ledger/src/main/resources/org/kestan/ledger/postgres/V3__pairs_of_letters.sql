-- Words of two letters: the index of threes does not have them.
ALTER TABLE jobs ADD COLUMN pairs TEXT[] COLLATE "C" NOT NULL DEFAULT '{}';

UPDATE jobs SET pairs = coalesce(
    (SELECT array_agg(DISTINCT substr(search, i, 2) COLLATE "C") FROM generate_series(1, length(search) - 1) AS i), '{}');

CREATE INDEX jobs_by_pairs ON jobs USING gin (pairs);
