# MariaDB, php-fpm and nginx of this clone: own folders, own sockets, loopback only.

alive() { # alive NAME: true if the process in RUN/NAME.pid runs and is ours
    local pid line
    pid=$(cat "$RUN/$1.pid" 2>/dev/null) || return 1
    [ -n "$pid" ] && [ -r "/proc/$pid/cmdline" ] || return 1
    line=$(tr '\0' ' ' <"/proc/$pid/cmdline")
    [[ "$line" == *"$RUN"* || "$line" == *"$VAR"* || "$line" == *"$DATA"* ]]
}

gone() { # gone PID: it has ended, also where nobody has asked yet how
    [ ! -d "/proc/$1" ] || grep -qs '^State:[[:space:]]*Z' "/proc/$1/status"
}

stop_one() { # stop_one NAME SIGNAL
    local pid i
    if alive "$1"; then
        pid=$(cat "$RUN/$1.pid")
        kill -s "$2" "$pid" 2>/dev/null || true
        for i in $(seq 1 150); do
            gone "$pid" && break
            sleep 0.1
        done
        gone "$pid" || kill -s KILL "$pid" 2>/dev/null || true
        # Workers that outlive their master: each service leads a group of its own.
        kill -s KILL -- "-$pid" 2>/dev/null || true
    fi
    rm -f "$RUN/$1.pid"
}

stop_beside_database() {
    stop_one nginx QUIT
    stop_one php-fpm QUIT
    stop_one supplier TERM
    stop_one insurer TERM
    stop_one intake TERM
    stop_one nightly TERM
    stop_one thermometer TERM
    stop_one programmer TERM
}

stop_all() {
    stop_beside_database
    stop_one mariadb TERM
}

status() {
    local name
    for name in mariadb php-fpm nginx supplier insurer thermometer programmer intake nightly; do
        if alive "$name"; then say "$name runs (process $(cat "$RUN/$name.pid"))"; else say "$name does not run"; fi
    done
    alive nginx && say "address: $(cat "$RUN/scheme")://127.0.0.1:$(cat "$RUN/port")/" || true
}

wait_for() { # wait_for WHAT COMMAND…
    local what=$1 i
    shift
    for i in $(seq 1 300); do
        "$@" >/dev/null 2>&1 && return
        sleep 0.1
    done
    die "$what did not come up within 30 s; see $VAR/log"
}

start_mariadb() {
    if [ ! -d "$DATA/db/mysql" ]; then
        rm -rf "$DATA/db"
        quiet mariadb-install "creating the database folder" mariadb-install-db --no-defaults --datadir="$DATA/db" --user="$(id -un)" --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" --skip-test-db
    fi
    setsid mariadbd --no-defaults --datadir="$DATA/db" --socket="$RUN/mariadb.sock" --pid-file="$RUN/mariadb.pid" --log-error="$DATA/log/mariadb.log" --user="$(id -un)" --skip-networking --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci --innodb-buffer-pool-size=128M >/dev/null 2>&1 </dev/null &
    wait_for MariaDB sql "SELECT 1"
}

sql() { mariadb --no-defaults --socket="$RUN/mariadb.sock" --user="$(id -un)" -e "$1"; }

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
    DB_SOCKET="$RUN/mariadb.sock"
    DB_USERNAME=facelift
    DB_DATABASE=${DB_DATABASE:-facelift}
    LOG_FILE="$VAR/log/facelift.log"
    FACELIFT_PHOTOS="$VAR/photos"
    set +a
}

create_database() { # create_database NAME…
    local name
    sql "CREATE USER IF NOT EXISTS 'facelift'@'localhost' IDENTIFIED BY '$DB_PASSWORD'; ALTER USER 'facelift'@'localhost' IDENTIFIED BY '$DB_PASSWORD'"
    for name in "$@"; do
        sql "CREATE DATABASE IF NOT EXISTS \`$name\`; GRANT ALL ON \`$name\`.* TO 'facelift'@'localhost'"
    done
}

write_fpm() {
    local name
    {
        printf '[global]\npid = %s\nerror_log = %s\ndaemonize = no\n[facelift]\nlisten = %s\nlisten.mode = 0600\npm = dynamic\npm.max_children = 6\npm.start_servers = 2\npm.min_spare_servers = 1\npm.max_spare_servers = 3\nclear_env = yes\ncatch_workers_output = yes\n' "$RUN/php-fpm.pid" "$DATA/log/php-fpm.log" "$RUN/php-fpm.sock"
        [ "$(id -u)" -eq 0 ] && printf 'user = root\ngroup = root\n'
        printf 'php_admin_value[opcache.enable] = 1\nphp_admin_value[opcache.memory_consumption] = 128\nphp_admin_value[memory_limit] = 256M\nphp_admin_value[upload_max_filesize] = 12M\nphp_admin_value[post_max_size] = 13M\nphp_admin_value[expose_php] = 0\n'
        for name in APP_KEY DB_SOCKET DB_USERNAME DB_PASSWORD DB_DATABASE LOG_FILE FACELIFT_PHOTOS FACELIFT_SUPPLIER_URL FACELIFT_INSURER_URL FACELIFT_PROGRAMMER FACELIFT_CLOCK SESSION_SECURE SANCTUM_STATEFUL_DOMAINS FACELIFT_ZONE FACELIFT_DATES FACELIFT_PACK_KEY FACELIFT_SHOP; do
            # php-fpm takes an empty value for a fault in its file.
            [ -n "${!name:-}" ] && printf 'env[%s] = "%s"\n' "$name" "${!name}"
        done
    } >"$RUN/php-fpm.conf"
    chmod 600 "$RUN/php-fpm.conf"
}

start_fpm() {
    local as_root=()
    [ "$(id -u)" -eq 0 ] && as_root=(--allow-to-run-as-root)
    rm -f "$RUN/php-fpm.sock"
    setsid php-fpm8.2 "${as_root[@]}" --nodaemonize --fpm-config "$RUN/php-fpm.conf" >>"$VAR/log/php-fpm.out" 2>&1 </dev/null &
    wait_for php-fpm test -S "$RUN/php-fpm.sock"
    wait_for php-fpm test -s "$RUN/php-fpm.pid"
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
        kill -0 "$(cat "$RUN/$name.pid")" 2>/dev/null || return 1
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
    SIMULATOR_STATE="$RUN" PHP_CLI_SERVER_WORKERS=3 setsid php -d variables_order=EGPCS -d "error_log=$DATA/log/$name.php.log" -S "127.0.0.1:$port" "$ROOT/simulators/$name.php" >"$VAR/log/$name.log" 2>&1 </dev/null &
    printf '%s\n' "$!" >"$RUN/$name.pid"
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
    setsid php -d "error_log=$DATA/log/thermometer.php.log" "$ROOT/simulators/thermometer.php" "${ports[0]}" "${ports[1]}" "$THERMOMETER_PACE" >"$VAR/log/thermometer.log" 2>&1 </dev/null &
    printf '%s\n' "$!" >"$RUN/thermometer.pid"
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
    setsid php -d "error_log=$DATA/log/programmer.php.log" "$ROOT/simulators/programmer.php" "${ports[0]}" "${ports[1]}" >"$VAR/log/programmer.log" 2>&1 </dev/null &
    printf '%s\n' "$!" >"$RUN/programmer.pid"
    printf '%s\n' "${ports[1]}" >"$RUN/programmer.control"
    export FACELIFT_PROGRAMMER="127.0.0.1:${ports[0]}" FACELIFT_PROGRAMMER_CONTROL="${ports[1]}"
    came_up programmer tell_stand_in programmer fault none
}

# The server's ear: takes in what the thermometer says until it is stopped.
start_intake() {
    setsid php -d "error_log=$DATA/log/intake.php.log" "$ROOT/artisan" facelift:thermometer >"$VAR/log/intake.log" 2>&1 </dev/null &
    printf '%s\n' "$!" >"$RUN/intake.pid"
}

# A backup once a day.
start_nightly() {
    setsid "$ROOT/facelift" nightly "$VAR" >"$VAR/log/nightly.out" 2>&1 </dev/null &
    printf '%s\n' "$!" >"$RUN/nightly.pid"
}

nginx_listens() { # nginx_listens PORT: on loopback; with LAN there and on this machine's own address, over TLS
    if [ -z "${LAN:-}" ]; then
        printf '        listen 127.0.0.1:%s;' "$1"
        return
    fi
    printf '        listen 127.0.0.1:%s ssl;\n' "$1"
    [ "$LAN" = 127.0.0.1 ] || printf '        listen %s:%s ssl;\n' "$LAN" "$1"
    printf '        ssl_certificate "%s/tls/cert.pem"; ssl_certificate_key "%s/tls/key.pem"; ssl_protocols TLSv1.2 TLSv1.3;\n' "$VAR" "$VAR"
    printf '        error_page 497 =301 https://$http_host$request_uri;'
}

start_nginx() { # start_nginx PORT
    port_is_free "$1" || die "port $1 is taken by another program; choose one with FACELIFT_PORT=… ./facelift start"
    {
        [ "$(id -u)" -eq 0 ] && echo 'user root;'
        cat <<CONF
pid "$RUN/nginx.pid";
error_log "$DATA/log/nginx.log" warn;
worker_processes 2;
daemon off;
events { worker_connections 256; }
http {
    types { text/html html; text/css css; text/javascript js mjs; application/json json; image/svg+xml svg; font/woff2 woff2; image/png png; application/pdf pdf; }
    default_type application/octet-stream;
    access_log off;
    server_tokens off;
    client_body_temp_path "$RUN/body"; fastcgi_temp_path "$RUN/fastcgi"; proxy_temp_path "$RUN/proxy"; scgi_temp_path "$RUN/scgi"; uwsgi_temp_path "$RUN/uwsgi";
    client_max_body_size 13m;
    limit_req_zone \$binary_remote_addr zone=asked:2m rate=60r/s; limit_req_status 429;
    gzip on; gzip_types text/css text/javascript application/json image/svg+xml; gzip_min_length 1024;
    server {
$(nginx_listens "$1")
        if (\$host !~ "^(127\.0\.0\.1|localhost${LAN:+|${LAN//./\\.}})\$") { return 421; }
        root "$ROOT/public";
        location ~ ^/build(-under-test)?/ { try_files \$uri =404; expires max; add_header Cache-Control "public, immutable"; add_header X-Content-Type-Options nosniff; }
        location = /favicon.svg { add_header X-Content-Type-Options nosniff; }
        location / {
            limit_req zone=asked burst=600 nodelay;
            fastcgi_pass "unix:$RUN/php-fpm.sock";
            fastcgi_read_timeout 60s;
            fastcgi_param SCRIPT_FILENAME "$ROOT/public/index.php";
            fastcgi_param SCRIPT_NAME /index.php;
            fastcgi_param DOCUMENT_ROOT "$ROOT/public";
            fastcgi_param REQUEST_METHOD \$request_method;
            fastcgi_param REQUEST_URI \$request_uri;
            fastcgi_param QUERY_STRING \$query_string;
            fastcgi_param CONTENT_TYPE \$content_type;
            fastcgi_param CONTENT_LENGTH \$content_length;
            fastcgi_param SERVER_PROTOCOL \$server_protocol;
            fastcgi_param SERVER_NAME 127.0.0.1;
            fastcgi_param SERVER_PORT \$server_port;
            fastcgi_param REMOTE_ADDR \$remote_addr;
            fastcgi_param HTTP_PROXY "";
            ${LAN:+fastcgi_param HTTPS on;}
        }
    }
}
CONF
    } >"$RUN/nginx.conf"
    printf '%s\n' "$1" >"$RUN/port"
    printf '%s\n' "http${LAN:+s}" >"$RUN/scheme"
    setsid nginx -e "$VAR/log/nginx.log" -c "$RUN/nginx.conf" >>"$VAR/log/nginx.log" 2>&1 </dev/null &
    wait_for nginx sh -c "! php -r 'exit(@stream_socket_server(\"tcp://127.0.0.1:$1\") ? 0 : 1);'"
    wait_for nginx test -s "$RUN/nginx.pid"
}
