-- Two roles for a ledger on a server: the owner makes its tables and brings them up to date, benches only work with them.
-- Run it once as the server's administrator, in the shop's database, before the ledger is first opened:
--
--     kestan ledger roles | psql --dbname shop
--
-- Then give each person a login of their own that may do what a bench may, and somebody the owner's:
--
--     CREATE ROLE anna LOGIN PASSWORD 'choose one' IN ROLE kestan_bench;
--     CREATE ROLE boss LOGIN PASSWORD 'choose another' IN ROLE kestan_owner;
--     ALTER ROLE boss SET role = 'kestan_owner';
--
-- The owner opens the ledger first, and again after Kestan was brought up to date.
CREATE ROLE kestan_owner NOLOGIN;
CREATE ROLE kestan_bench NOLOGIN;

CREATE EXTENSION IF NOT EXISTS pg_trgm WITH SCHEMA public;
CREATE SCHEMA kestan AUTHORIZATION kestan_owner;

GRANT USAGE ON SCHEMA kestan TO kestan_bench;
ALTER DEFAULT PRIVILEGES FOR ROLE kestan_owner IN SCHEMA kestan
    GRANT SELECT, INSERT, UPDATE, DELETE ON TABLES TO kestan_bench;
ALTER DEFAULT PRIVILEGES FOR ROLE kestan_owner IN SCHEMA kestan
    GRANT USAGE, SELECT ON SEQUENCES TO kestan_bench;
