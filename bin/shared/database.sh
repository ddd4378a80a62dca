# A private MariaDB on loopback, for this checkout alone. Its folder, port and socket are its own.

DATABASE_PID=
DATABASE_NAME=
SOCKET_FOLDER=

free_port() {
    php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];'
}

# start_database NAME [KEPT] : serves STATE/NAME and sets DB_PORT. KEPT says when a change is on the disk: 1 with its commit, and
# not otherwise for people's work; 0 within a second, for data that the next run makes anew.
start_database() {
    DATABASE_NAME=$1
    local kept=${2:-1} folder="$STATE/$1" as=()
    if [ "$(id -u)" -eq 0 ]; then
        as=(--user=mysql)
        # The server runs as the user mysql, who must be able to reach its folder.
        mkdir -p "$folder" && chown mysql: "$folder"
        if ! runuser -u mysql -- test -x "$folder"; then
            folder="/var/lib/dinghy-$(printf '%s' "$ROOT" | sha256sum | cut -c1-12)/$1"
            mkdir -p "$folder" && chown -R mysql: "$(dirname "$folder")"
        fi
    fi
    mkdir -p "$folder"
    stop_left_over "$1" "$folder"
    if [ ! -d "$folder/mysql" ]; then
        say "Making a private database"
        quietly database mariadb-install-db "${as[@]}" --datadir="$folder" --auth-root-authentication-method=normal --skip-test-db \
            || fail "The private database could not be made; MariaDB's own words stand above."
    fi
    SOCKET_FOLDER=$(mktemp -d /tmp/dinghy-XXXXXX)
    # Nobody else of this machine gets in: the password is set before the first connection is heard.
    (umask 077 && for host in localhost 127.0.0.1 ::1; do
        printf "CREATE USER IF NOT EXISTS 'root'@'%s';\nALTER USER 'root'@'%s' IDENTIFIED BY '%s';\nGRANT ALL ON *.* TO 'root'@'%s' WITH GRANT OPTION;\n" "$host" "$host" "$DB_PASSWORD" "$host"
    done >"$SOCKET_FOLDER/passwords.sql")
    [ "$(id -u)" -eq 0 ] && chown -R mysql: "$SOCKET_FOLDER"
    DB_PORT=$(free_port)
    printf '%s\n' "$DB_PORT" >"$STATE/$1.port"
    export DB_PORT DB_HOST=127.0.0.1 DB_USERNAME=root
    local serve=(mariadbd --no-defaults "${as[@]}" --datadir="$folder" --bind-address=127.0.0.1 --port="$DB_PORT"
        --socket="$SOCKET_FOLDER/s" --pid-file="$SOCKET_FOLDER/pid" --init-file="$SOCKET_FOLDER/passwords.sql" --innodb-flush-log-at-trx-commit="$kept")
    setsid "${serve[@]}" >"$STATE/$1.log" 2>&1 </dev/null &
    DATABASE_PID=$!
    DATABASE_COMMAND=$(printf '%q ' "${serve[@]}")
    echo "$DATABASE_PID" >"$STATE/$1.pid"
    local tries=0
    until MYSQL_PWD=$DB_PASSWORD mariadb-admin --no-defaults --protocol=tcp -h 127.0.0.1 -P "$DB_PORT" -u root --silent status >/dev/null 2>&1; do
        tries=$((tries + 1))
        if [ $tries -gt 150 ] || ! kill -0 "$DATABASE_PID" 2>/dev/null; then
            tail -n 15 "$STATE/$1.log" >&2
            fail "The private database did not start; its own words stand above."
        fi
        sleep 0.1
    done
    sql "DROP USER IF EXISTS 'root'@'$(hostname)', ''@'localhost', ''@'$(hostname)'"
}

# sql STATEMENT : what the database answers, bare.
sql() {
    MYSQL_PWD=$DB_PASSWORD mariadb --no-defaults --protocol=tcp -h 127.0.0.1 -P "$DB_PORT" -u root -N -e "$1"
}

# stop_left_over NAME FOLDER : a server that an earlier, killed run left behind still holds the folder. Only one that serves
# this very folder is ended, and none whose starter is still there.
stop_left_over() {
    local pid owner tries=0
    pid=$(pid_in "$STATE/$1.pid")
    owner=$(pid_in "$STATE/$1.owner")
    if runs "$pid" "--datadir=$2 "; then
        if alive "$owner"; then
            fail "Dinghy already runs from this folder (process $owner). Stop it first with Ctrl-C or: kill $owner"
        fi
        say "Ending a database that an earlier run left behind"
        kill "$pid" 2>/dev/null || true
        while alive "$pid" && [ $tries -lt 100 ]; do
            sleep 0.1
            tries=$((tries + 1))
        done
    fi
    echo $$ >"$STATE/$1.owner"
}

create_database() {
    sql "CREATE DATABASE IF NOT EXISTS \`$1\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci"
}

stop_database() {
    if [ -n "$DATABASE_PID" ]; then
        kill "$DATABASE_PID" 2>/dev/null || true
        wait "$DATABASE_PID" 2>/dev/null || true
        DATABASE_PID=
        rm -f "$STATE/$DATABASE_NAME.port"
    fi
    [ -n "$SOCKET_FOLDER" ] && rm -rf "$SOCKET_FOLDER"
    SOCKET_FOLDER=
}
