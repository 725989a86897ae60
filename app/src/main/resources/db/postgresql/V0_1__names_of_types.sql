-- What the file's database calls them, so that the same migrations make the tables of both.
create domain blob as bytea;
create domain clob as text;
