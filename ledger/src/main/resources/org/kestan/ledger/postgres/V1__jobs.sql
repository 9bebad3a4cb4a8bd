-- The same as in one file (V5 there), for several benches: texts compare by their code points, as they do there.
CREATE EXTENSION IF NOT EXISTS pg_trgm WITH SCHEMA public;

CREATE TABLE meta (
    name        TEXT          NOT NULL PRIMARY KEY,
    value       TEXT          NOT NULL
);

INSERT INTO meta (name, value) VALUES ('replica', substr(md5(random()::text || clock_timestamp()::text), 1, 16));

CREATE TABLE jobs (
    n           BIGINT        GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
    id          TEXT          COLLATE "C" NOT NULL UNIQUE,
    revision    INTEGER       NOT NULL,
    versions    TEXT          NOT NULL,
    name        TEXT          COLLATE "C" NOT NULL,
    owner       TEXT          COLLATE "C" NOT NULL,
    station     TEXT          COLLATE "C" NOT NULL,
    waits_for   TEXT          COLLATE "C" NOT NULL,
    line        TEXT          NOT NULL,
    derived_by  TEXT          COLLATE "C" NOT NULL,
    waits       TEXT          NOT NULL,
    due         TEXT          COLLATE "C" NOT NULL,
    lesson      TEXT          NOT NULL,
    search      TEXT          COLLATE "C" NOT NULL DEFAULT '',
    created_at  TEXT          COLLATE "C" NOT NULL,
    changed_at  TEXT          COLLATE "C" NOT NULL,
    archived    INTEGER       NOT NULL,
    deleted_at  TEXT          COLLATE "C"
);

CREATE INDEX jobs_by_change ON jobs (archived, changed_at DESC, id) WHERE deleted_at IS NULL;

CREATE INDEX jobs_by_words ON jobs USING gin (search public.gin_trgm_ops);

CREATE TABLE job_files (
    job_id      TEXT          COLLATE "C" NOT NULL PRIMARY KEY REFERENCES jobs (id),
    body        TEXT          NOT NULL
);

-- What each bench wrote, so that another sees that something was written elsewhere.
CREATE TABLE benches (
    bench       TEXT          NOT NULL PRIMARY KEY,
    written     BIGINT        NOT NULL
);

CREATE TABLE pictures (
    name        TEXT          NOT NULL PRIMARY KEY,
    body        BYTEA         NOT NULL
);

CREATE TABLE papers (
    job_id      TEXT          COLLATE "C" NOT NULL,
    name        TEXT          NOT NULL,
    body        BYTEA         NOT NULL,
    PRIMARY KEY (job_id, name)
);
