-- A save writes none of the indexes of words: what changes with every save and has an index, the order jobs were changed in, has a table of
-- its own, and a job's row has room to be written anew in its place (PostgreSQL documentation, 73.7, "Heap-Only Tuples"). Letters and pairs of
-- them are taken from the words for their index, and kept nowhere else.
CREATE FUNCTION letters(TEXT) RETURNS TEXT[] LANGUAGE SQL IMMUTABLE STRICT PARALLEL SAFE COST 5000 AS
$$
    SELECT array_agg(letter) || array_agg(letter || next) FILTER (WHERE next IS NOT NULL)
    FROM unnest(string_to_array($1, NULL), string_to_array(substr($1, 2), NULL)) AS each (letter, next)
$$;

DROP INDEX jobs_by_change, jobs_by_words;

ALTER TABLE jobs DROP COLUMN pairs;

ALTER TABLE jobs SET (fillfactor = 80);

CLUSTER jobs USING jobs_pkey;

-- What is new waits in a short list only, since each search reads it.
CREATE INDEX jobs_by_words ON jobs USING gin (search public.gin_trgm_ops) WITH (gin_pending_list_limit = 128);

CREATE INDEX jobs_by_letters ON jobs USING gin (letters(search)) WITH (gin_pending_list_limit = 128);

-- Where each job lies (0 at hand, 1 put away, 2 in the bin), and when it was changed.
CREATE TABLE job_order (
    job_n       BIGINT        NOT NULL PRIMARY KEY REFERENCES jobs (n) ON DELETE CASCADE,
    shelf       SMALLINT      NOT NULL,
    changed_at  TEXT          COLLATE "C" NOT NULL,
    id          TEXT          COLLATE "C" NOT NULL
);

CREATE FUNCTION order_job() RETURNS TRIGGER LANGUAGE plpgsql AS
$$
BEGIN
    INSERT INTO ${flyway:defaultSchema}.job_order (job_n, shelf, changed_at, id)
    VALUES (NEW.n, CASE WHEN NEW.deleted_at IS NOT NULL THEN 2 ELSE NEW.archived END, NEW.changed_at, NEW.id)
    ON CONFLICT (job_n) DO UPDATE SET shelf = excluded.shelf, changed_at = excluded.changed_at;
    RETURN NULL;
END
$$;

CREATE TRIGGER jobs_in_order AFTER INSERT OR UPDATE OF changed_at, archived, deleted_at ON jobs
    FOR EACH ROW EXECUTE FUNCTION order_job();

INSERT INTO job_order (job_n, shelf, changed_at, id)
SELECT n, CASE WHEN deleted_at IS NOT NULL THEN 2 ELSE archived END, changed_at, id FROM jobs;

CREATE INDEX jobs_by_change ON job_order (shelf, changed_at DESC, id) INCLUDE (job_n);

ANALYZE jobs;

ANALYZE job_order;
