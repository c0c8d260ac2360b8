# A private MariaDB on the loopback. Sourced by honest-stack; expects tools.sh.
#
# start_database DIR: DIR holds the data; sets DATABASE_URL, DATABASE_USER, DATABASE_PASSWORD.
# stop_database: stops the one that was started.

database_pid=""
database_run=""

free_port() {
  local port
  for _ in $(seq 1 50); do
    port=$((20000 + (RANDOM * 32768 + RANDOM) % 12000))
    if ! (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; then
      echo "$port"
      return
    fi
  done
  fail "found no free port between 20000 and 32000"
}

start_database() {
  local dir=$1 as=() port log
  mkdir -p "$dir"
  dir=$(cd "$dir" && pwd)
  chmod 700 "$dir"
  log="$dir/mariadb.log"
  [ "$(id -u)" -eq 0 ] && as=(--user=root)
  if [ -f "$dir/mariadb.pid" ] && kill -0 "$(cat "$dir/mariadb.pid")" 2>/dev/null &&
    grep -q mariadbd "/proc/$(cat "$dir/mariadb.pid")/cmdline" 2>/dev/null; then
    fail "the data in $dir are in use (process $(cat "$dir/mariadb.pid")). Stop that one first, or choose another --data."
  fi
  if [ ! -d "$dir/db/mysql" ]; then
    mariadb-install-db --no-defaults --datadir="$dir/db" --skip-test-db \
      --auth-root-authentication-method=socket ${as[@]+"${as[@]}"} >"$log" 2>&1 ||
      fail "mariadb-install-db failed; see $log"
  fi
  [ -s "$dir/password" ] || (umask 077 && head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n' >"$dir/password")
  DATABASE_USER=stack
  DATABASE_PASSWORD=$(cat "$dir/password")
  (
    umask 077
    cat >"$dir/init.sql" <<SQL
create database if not exists honest_stack character set utf8mb4;
create user if not exists 'stack'@'127.0.0.1';
alter user 'stack'@'127.0.0.1' identified by '$DATABASE_PASSWORD';
grant all on honest_stack.* to 'stack'@'127.0.0.1';
grant all on \`honest\_stack\_%\`.* to 'stack'@'127.0.0.1';
SQL
  )
  # Sockets have short names only; a deep data directory would be too long.
  database_run=$(mktemp -d)
  for _ in 1 2 3; do
    port=$(free_port)
    setsid mariadbd --no-defaults ${as[@]+"${as[@]}"} --datadir="$dir/db" --socket="$database_run/db.sock" \
      --pid-file="$dir/mariadb.pid" --bind-address=127.0.0.1 --port="$port" --skip-name-resolve \
      --init-file="$dir/init.sql" --performance-schema=0 --innodb-log-file-size=32M \
      ${DATABASE_OPTIONS:-} >>"$log" 2>&1 </dev/null &
    database_pid=$!
    for _ in $(seq 1 300); do
      kill -0 "$database_pid" 2>/dev/null || break
      if (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; then
        DATABASE_URL="jdbc:mariadb://127.0.0.1:$port/honest_stack"
        return
      fi
      sleep 0.1
    done
    kill "$database_pid" 2>/dev/null && wait "$database_pid" 2>/dev/null
    database_pid=""
  done
  fail "MariaDB did not start; see $log"
}

stop_database() {
  if [ -n "$database_pid" ]; then
    kill "$database_pid" 2>/dev/null || true
    wait "$database_pid" 2>/dev/null || true
    database_pid=""
  fi
  [ -z "$database_run" ] || rm -rf "$database_run"
  database_run=""
}
