# A private MariaDB on the loopback. Sourced by honest-stack; expects tools.sh.
#
# start_database DIR: DIR holds the data; sets DATABASE_URL, DATABASE_USER, DATABASE_PASSWORD.
# join_database DIR: the same, of data that may be in use. stop_database: stops the one that was started.

database_pid=""
database_run=""
database_dir=""
database_port=""
database_joined=""

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

# Nobody else uses a data directory while this process lives; what a killed one left running ends.
take_data() { # take_data DIR
  exec 9>>"$1/lock"
  if ! flock --nonblock 9; then
    exec 9>&-
    fail "the data in $1 are in use (process $(cat "$1/launcher.pid" 2>/dev/null || echo unknown)). Stop that one first, or choose another --data."
  fi
  echo "$$" >"$1/launcher.pid"
  end_left_over "$1/application.pid" "honest-stack.launcher="
  end_left_over "$1/mariadb.pid" "--datadir=$1/db"
}

end_left_over() { # end_left_over PIDFILE WORDS: a process that still runs with these words in its command
  local pid
  pid=$(cat "$1" 2>/dev/null) || return 0
  if [ -n "$pid" ] && { tr '\0' ' ' <"/proc/$pid/cmdline" | grep -qF -- "$2"; } 2>/dev/null; then
    say "Ending what an interrupted start left running (process $pid) …"
    kill "$pid" 2>/dev/null || true
    for _ in $(seq 1 200); do
      kill -0 "$pid" 2>/dev/null || break
      sleep 0.1
    done
    kill -9 "$pid" 2>/dev/null || true
  fi
  rm -f "$1"
}

# Made aside and moved into place: it is there whole, or not at all.
install_database() { # install_database DIR LOG
  if [ -d "$1/db" ] && [ ! -d "$1/db/mysql" ]; then
    say "An interrupted start left an unfinished database; it is made anew."
    rm -rf "$1/db.unfinished"
    mv "$1/db" "$1/db.unfinished"
  fi
  [ ! -d "$1/db" ] || return 0
  rm -rf "$1/db.new"
  mariadb-install-db --no-defaults --datadir="$1/db.new" --skip-test-db \
    --auth-root-authentication-method=socket ${as[@]+"${as[@]}"} >"$2" 2>&1 9>&- ||
    fail "mariadb-install-db failed; see $2"
  mv "$1/db.new" "$1/db"
}

# The database of a data directory: one that another process runs, or one started for this one.
join_database() { # join_database DIR
  if [ -s "$1/port" ] && ! (exec 9>>"$1/lock" && flock --nonblock 9); then
    database_dir=$(cd "$1" && pwd)
    DATABASE_USER=stack
    DATABASE_PASSWORD=$(cat "$1/password")
    DATABASE_URL="jdbc:mariadb://127.0.0.1:$(cat "$1/port")/honest_stack"
    database_joined=yes
    return
  fi
  start_database "$1"
}

start_database() {
  local dir=$1 as=() log
  mkdir -p "$dir"
  dir=$(cd "$dir" && pwd)
  chmod 700 "$dir"
  log="$dir/mariadb.log"
  database_dir=$dir
  [ "$(id -u)" -eq 0 ] && as=(--user=root)
  take_data "$dir"
  install_database "$dir" "$log"
  if [ ! -s "$dir/password" ]; then
    (umask 077 && head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n' >"$dir/password.new")
    mv "$dir/password.new" "$dir/password"
  fi
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
    database_port=$(free_port)
    if run_database; then
      DATABASE_URL="jdbc:mariadb://127.0.0.1:$database_port/honest_stack"
      return
    fi
  done
  fail "MariaDB did not start; see $log"
}

# Starts the server on its port and waits until it answers.
run_database() {
  local as=()
  [ "$(id -u)" -eq 0 ] && as=(--user=root)
  setsid mariadbd --no-defaults ${as[@]+"${as[@]}"} --datadir="$database_dir/db" --socket="$database_run/db.sock" \
    --pid-file="$database_dir/mariadb.pid" --bind-address=127.0.0.1 --port="$database_port" --skip-name-resolve \
    --init-file="$database_dir/init.sql" --performance-schema=0 --innodb-log-file-size=32M \
    ${DATABASE_OPTIONS:-} >>"$database_dir/mariadb.log" 2>&1 </dev/null 9>&- &
  database_pid=$!
  for _ in $(seq 1 300); do
    kill -0 "$database_pid" 2>/dev/null || break
    if (exec 3<>"/dev/tcp/127.0.0.1/$database_port") 2>/dev/null; then
      echo "$database_port" >"$database_dir/port"
      return 0
    fi
    sleep 0.1
  done
  kill "$database_pid" 2>/dev/null && wait "$database_pid" 2>/dev/null
  database_pid=""
  return 1
}

stop_database() {
  if [ -n "$database_pid" ]; then
    kill "$database_pid" 2>/dev/null || true
    for _ in $(seq 1 300); do
      kill -0 "$database_pid" 2>/dev/null || break
      sleep 0.1
    done
    kill -9 "$database_pid" 2>/dev/null || true
    wait "$database_pid" 2>/dev/null || true
    database_pid=""
  fi
  [ -n "$database_joined" ] || [ -z "$database_dir" ] || rm -f "$database_dir/launcher.pid"
  exec 9>&-
  [ -z "$database_run" ] || rm -rf "$database_run"
  database_run=""
}
