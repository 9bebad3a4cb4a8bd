-- A number of its own for each job, so that the full-text index can name it; what is searched in moves there, parts of words
-- found by their threes. Which ledger saved a job how often tells a newer version from one that parted.
CREATE TABLE meta (
    name        VARCHAR(40)   NOT NULL PRIMARY KEY,
    value       TEXT          NOT NULL
);

INSERT INTO meta (name, value) VALUES ('replica', lower(hex(randomblob(8))));

CREATE TABLE jobs_4 (
    n           INTEGER       PRIMARY KEY,
    id          VARCHAR(36)   NOT NULL UNIQUE,
    revision    INTEGER       NOT NULL,
    versions    TEXT          NOT NULL,
    name        VARCHAR(400)  NOT NULL,
    owner       VARCHAR(400)  NOT NULL,
    station     VARCHAR(20)   NOT NULL,
    waits_for   VARCHAR(200)  NOT NULL,
    line        VARCHAR(400)  NOT NULL,
    derived_by  VARCHAR(40)   NOT NULL,
    waits       VARCHAR(4000) NOT NULL,
    due         VARCHAR(10)   NOT NULL,
    lesson      VARCHAR(1000) NOT NULL,
    created_at  VARCHAR(30)   NOT NULL,
    changed_at  VARCHAR(30)   NOT NULL,
    archived    INTEGER       NOT NULL,
    deleted_at  VARCHAR(30)
);

INSERT INTO jobs_4 (id, revision, versions, name, owner, station, waits_for, line, derived_by, waits, due, lesson, created_at,
        changed_at, archived, deleted_at)
    SELECT id, revision, (SELECT value FROM meta WHERE name = 'replica') || ':' || revision, name, owner, station, waits_for,
        line, derived_by, waits, due, lesson, created_at, changed_at, archived, deleted_at FROM jobs;

CREATE VIRTUAL TABLE job_search USING fts5(search, detail = 'none', tokenize = 'trigram');

INSERT INTO job_search (job_search, rank) VALUES ('secure-delete', 1);

INSERT INTO job_search (rowid, search) SELECT jobs_4.n, jobs.search || '  ' FROM jobs_4 JOIN jobs ON jobs.id = jobs_4.id;

DROP TABLE jobs;

ALTER TABLE jobs_4 RENAME TO jobs;

CREATE INDEX jobs_by_change ON jobs (archived, changed_at);

CREATE INDEX jobs_by_derivation ON jobs (derived_by);

CREATE INDEX jobs_by_place ON jobs (deleted_at, archived, revision);
