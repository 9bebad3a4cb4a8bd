-- The waits of a job that nobody has said are over, so that they are watched while another job is open; and the day it is to be
-- looked at again, ISO 8601, nothing for none.
ALTER TABLE jobs ADD COLUMN waits VARCHAR(4000) NOT NULL DEFAULT '';
ALTER TABLE jobs ADD COLUMN due VARCHAR(10) NOT NULL DEFAULT '';
-- What a job teaches, so that a shop's memory reads no job file.
ALTER TABLE jobs ADD COLUMN lesson VARCHAR(1000) NOT NULL DEFAULT '';
