-- The waits of a job that nobody has said are over, so that they are watched while another job is open.
ALTER TABLE jobs ADD COLUMN waits VARCHAR(4000) NOT NULL DEFAULT '';
