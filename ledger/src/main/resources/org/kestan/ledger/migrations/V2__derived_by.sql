-- Which standards, and which program, a row's station, line and search were derived by; rows of other ones are derived anew.
-- Station and what it waits for are keys from here on, no longer words.
ALTER TABLE jobs ADD COLUMN derived_by VARCHAR(40) NOT NULL DEFAULT '';
