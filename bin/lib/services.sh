# MariaDB, php-fpm and nginx of this clone, and the stand-ins: own folders, own sockets, loopback only.

. "$ROOT/bin/lib/processes.sh"

start_mariadb() {
    if [ ! -d "$DATA/db/mysql" ]; then
        rm -rf "$DATA/db"
        quiet mariadb-install "creating the database folder" mariadb-install-db --no-defaults --datadir="$DATA/db" --user="$(id -un)" --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db
    fi
    launch mariadb mariadbd --no-defaults --datadir="$DATA/db" --socket="$RUN/mariadb.sock" \
        --pid-file="$RUN/mariadb.pid" --user="$(id -un)" --skip-networking --character-set-server=utf8mb4 \
        --collation-server=utf8mb4_unicode_ci --innodb-buffer-pool-size=128M
    wait_for MariaDB sql "SELECT 1"
}

# FACELIFT_DB_HOST: a database elsewhere, or several nodes of one with commas between; then none is started here.
own_database() { [ -z "${FACELIFT_DB_HOST:-}" ]; }

# client PROGRAM …: mariadb or mariadb-dump, asking the shop's database.
client() {
    local program=$1
    shift
    if own_database; then
        "$program" --no-defaults --socket="$RUN/mariadb.sock" --user="$(id -un)" "$@"
    else
        MYSQL_PWD=$FACELIFT_DB_PASSWORD "$program" --no-defaults --host="${FACELIFT_DB_HOST%%,*}" \
            --port="${FACELIFT_DB_PORT:-3306}" --user="${FACELIFT_DB_USER:-facelift}" \
            ${FACELIFT_DB_CA:+--ssl-ca="$FACELIFT_DB_CA" --ssl-verify-server-cert} "$@"
    fi
}

sql() { client mariadb -e "$1"; }

secrets() { # made once per data folder, never in git
    if [ ! -f "$VAR/secrets.env" ]; then
        (umask 077 && printf 'APP_KEY=base64:%s\nDB_PASSWORD=%s\nFACELIFT_DEMO_PASSWORD=%s\n' \
            "$(head -c 32 /dev/urandom | base64 -w0)" "$(head -c 18 /dev/urandom | base64 -w0 | tr -d '+/=')" \
            "bench-$(head -c 4 /dev/urandom | od -An -tu4 | tr -d ' ')" >"$VAR/secrets.env")
    fi
    # What packs of phone files are signed with; an older data folder has none yet.
    if ! grep -q '^FACELIFT_PACK_KEY=' "$VAR/secrets.env"; then
        printf 'FACELIFT_PACK_KEY=%s\n' "$(head -c 32 /dev/urandom | base64 -w0)" >>"$VAR/secrets.env"
    fi
    set -a
    # shellcheck disable=SC1091
    . "$VAR/secrets.env"
    if own_database; then
        DB_SOCKET="$RUN/mariadb.sock"
        DB_USERNAME=facelift
        DB_DATABASE=${DB_DATABASE:-facelift}
    else
        DB_HOST=$FACELIFT_DB_HOST
        DB_PORT=${FACELIFT_DB_PORT:-3306}
        DB_USERNAME=${FACELIFT_DB_USER:-facelift}
        DB_PASSWORD=${FACELIFT_DB_PASSWORD:?is needed with FACELIFT_DB_HOST}
        DB_DATABASE=${FACELIFT_DB_NAME:-facelift}
        [ -z "${FACELIFT_DB_CA:-}" ] || DB_CA=$FACELIFT_DB_CA
    fi
    LOG_FILE="$VAR/log/facelift.log"
    FACELIFT_PHOTOS="$VAR/photos"
    set +a
}

create_database() { # create_database NAME…: elsewhere whoever runs the database makes it
    local name
    own_database || return 0
    sql "CREATE USER IF NOT EXISTS 'facelift'@'localhost' IDENTIFIED BY '$DB_PASSWORD'; ALTER USER 'facelift'@'localhost' IDENTIFIED BY '$DB_PASSWORD'"
    for name in "$@"; do
        sql "CREATE DATABASE IF NOT EXISTS \`$name\`; GRANT ALL ON \`$name\`.* TO 'facelift'@'localhost'"
    done
}

port_is_free() { php -r 'exit(@stream_socket_server("tcp://127.0.0.1:$argv[1]") ? 0 : 1);' "$1"; }
free_port() { php -r '$s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1];'; }

# free_ports N: so many different ones, held open together while they are looked for.
free_ports() { php -r 'for ($i = 0; $i < (int) $argv[1]; ++$i) { $held[] = $s = stream_socket_server("tcp://127.0.0.1:0"); echo explode(":", stream_socket_get_name($s, false))[1], "\n"; }' "$1"; }

# came_up NAME COMMAND…: waits until it answers; false as soon as its process is gone, such as for a port that somebody else has taken meanwhile.
came_up() {
    local name=$1 i
    shift
    for i in $(seq 1 300); do
        "$@" >/dev/null 2>&1 && return
        # Its name is not written within the first moment.
        [ ! -f "$RUN/$name.own" ] || alive "$name" || return 1
        sleep 0.1
    done
    return 1
}

# on_free_ports NAME STARTER: a port can be taken between being found and being used, so it is tried three times.
on_free_ports() {
    local try
    for try in 1 2 3; do
        "$2" "$1" && return
        stop_one "$1" KILL
    done
    die "$1 did not come up; see $VAR/log"
}

# start_simulator NAME: a stand-in for a service outside, on a free port of its own; sets FACELIFT_NAME_URL.
start_simulator() { on_free_ports "$1" simulator_on_a_port; }
simulator_on_a_port() {
    local name=$1 port
    port=$(free_port)
    rm -f "$RUN/$name.mode"
    # More than one worker: a slow answer must not hold up the next question.
    launch "$name" env SIMULATOR_STATE="$RUN" PHP_CLI_SERVER_WORKERS=3 php -d variables_order=EGPCS \
        -d "error_log=$DATA/log/$name.php.log" -S "127.0.0.1:$port" "$ROOT/simulators/$name.php"
    export "FACELIFT_${name^^}_URL=http://127.0.0.1:$port"
    came_up "$name" php -r 'exit(@file_get_contents($argv[1]) === false ? 1 : 0);' "http://127.0.0.1:$port/mode"
}

# start_thermometer [MILLISECONDS]: the stand-in that streams readings; sets FACELIFT_THERMOMETER, and where it takes commands.
start_thermometer() {
    THERMOMETER_PACE=${1:-1000}
    on_free_ports thermometer thermometer_on_ports
}
thermometer_on_ports() {
    local ports
    mapfile -t ports < <(free_ports 2)
    launch thermometer php -d "error_log=$DATA/log/thermometer.php.log" "$ROOT/simulators/thermometer.php" \
        "${ports[0]}" "${ports[1]}" "$THERMOMETER_PACE"
    printf '%s\n' "${ports[1]}" >"$RUN/thermometer.control"
    export FACELIFT_THERMOMETER="127.0.0.1:${ports[0]}" FACELIFT_THERMOMETER_CONTROL="${ports[1]}"
    came_up thermometer tell_stand_in thermometer off
}

# tell_stand_in NAME COMMAND…: what a stand-in that takes commands is to do, see simulators/README.md
tell_stand_in() {
    local control
    control=$(cat "$RUN/$1.control")
    shift
    php -r '$s = @stream_socket_client("tcp://127.0.0.1:" . $argv[1], $c, $w, 2) ?: exit(1); stream_set_timeout($s, 2); fwrite($s, $argv[2] . "\n"); $said = (string) fgets($s); echo $said; exit($said === "ok\n" ? 0 : 1);' "$control" "$*"
}

# start_programmer: the stand-in for a programmer of displays; sets FACELIFT_PROGRAMMER, and where it takes commands.
start_programmer() {
    on_free_ports programmer programmer_on_ports
}
programmer_on_ports() {
    local ports
    mapfile -t ports < <(free_ports 2)
    launch programmer php -d "error_log=$DATA/log/programmer.php.log" "$ROOT/simulators/programmer.php" \
        "${ports[0]}" "${ports[1]}"
    printf '%s\n' "${ports[1]}" >"$RUN/programmer.control"
    export FACELIFT_PROGRAMMER="127.0.0.1:${ports[0]}" FACELIFT_PROGRAMMER_CONTROL="${ports[1]}"
    came_up programmer tell_stand_in programmer fault none
}

# The server's ear: takes in what the thermometer says until it is stopped.
start_intake() {
    launch intake php -d "error_log=$DATA/log/intake.php.log" "$ROOT/artisan" facelift:thermometer
}

# A backup once a day.
start_nightly() {
    launch nightly "$ROOT/facelift" nightly "$VAR"
}

. "$ROOT/bin/lib/web.sh"
