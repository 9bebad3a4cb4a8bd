-- Jobs: what the list shows and searches in one table, small enough to be read through at each keystroke; the files
-- themselves in another. Portable SQL: texts for ids, times and numbers in lists.
CREATE TABLE jobs (
    id          VARCHAR(36)   NOT NULL PRIMARY KEY,
    revision    INTEGER       NOT NULL,
    name        VARCHAR(400)  NOT NULL,
    owner       VARCHAR(400)  NOT NULL,
    station     VARCHAR(20)   NOT NULL,
    waits_for   VARCHAR(200)  NOT NULL,
    line        VARCHAR(400)  NOT NULL,
    search      TEXT          NOT NULL,
    created_at  VARCHAR(30)   NOT NULL,
    changed_at  VARCHAR(30)   NOT NULL,
    archived    INTEGER       NOT NULL,
    deleted_at  VARCHAR(30)
);

CREATE INDEX jobs_by_change ON jobs (archived, changed_at);

CREATE TABLE job_files (
    job_id      VARCHAR(36)   NOT NULL PRIMARY KEY REFERENCES jobs (id),
    body        TEXT          NOT NULL
);
