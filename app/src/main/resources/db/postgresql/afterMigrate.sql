-- Columns that were made by the other database's names have the types behind them.
do $$
declare made record;
begin
  for made in
    select table_name, column_name, data_type from information_schema.columns
    where table_schema = current_schema() and domain_name in ('blob', 'clob')
  loop
    execute format('alter table %I alter column %I set data type %s',
      made.table_name, made.column_name, made.data_type);
  end loop;
end $$;
