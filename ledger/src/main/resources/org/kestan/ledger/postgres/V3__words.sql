-- What jobs are found by has a table of its own, written only where it changes: a save need not write its indexes anew. Letters and
-- pairs of letters have an index, since that of threes does not have them. What is new waits in a short list only, since each search reads it.
CREATE TABLE job_words (
    job_n       BIGINT        NOT NULL PRIMARY KEY REFERENCES jobs (n) ON DELETE CASCADE,
    search      TEXT          COLLATE "C" NOT NULL,
    letters     TEXT[]        COLLATE "C" NOT NULL
);

INSERT INTO job_words (job_n, search, letters)
SELECT n, search, coalesce(
    (SELECT array_agg(DISTINCT substr(search, i, size) COLLATE "C")
     FROM generate_series(1, length(search)) AS i, generate_series(1, 2) AS size), '{}')
FROM jobs;

DROP INDEX jobs_by_words;

ALTER TABLE jobs DROP COLUMN search;

CREATE INDEX jobs_by_words ON job_words USING gin (search public.gin_trgm_ops) WITH (gin_pending_list_limit = 128);

CREATE INDEX jobs_by_letters ON job_words USING gin (letters) WITH (gin_pending_list_limit = 128);
