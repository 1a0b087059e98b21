-- Run once by the database's administrator, with passwords of your own: mariadb < database.sql
CREATE DATABASE IF NOT EXISTS `graft` CHARACTER SET utf8mb4 COLLATE utf8mb4_bin;
-- Changes tables, when a new release asks for it.
CREATE USER IF NOT EXISTS 'graft_owner'@'127.0.0.1' IDENTIFIED BY 'OWNER_PASSWORD';
GRANT SELECT, INSERT, UPDATE, DELETE, CREATE, ALTER, DROP, INDEX, REFERENCES ON `graft`.* TO 'graft_owner'@'127.0.0.1';
-- Runs Graft: rows only.
CREATE USER IF NOT EXISTS 'graft'@'127.0.0.1' IDENTIFIED BY 'PASSWORD';
GRANT SELECT, INSERT, UPDATE, DELETE ON `graft`.* TO 'graft'@'127.0.0.1';
