# Nodes of MariaDB Galera (Debian's galera-4) for bin/cluster-trial, each with an address of its own on loopback.
# Needs common.sh and services.sh.

GALERA_PORT=${GALERA_PORT:-13907}


node_up() { # node_up N [--wsrep-new-cluster]: up, and of one state with the others
    local n=$1 folder="$VAR/node-$1" i user
    shift
    user=$(id -un)
    [ "$(id -u)" -ne 0 ] || user=mysql
    if [ ! -d "$folder/db/mysql" ]; then
        mkdir -p "$folder"
        [ "$(id -u)" -ne 0 ] || { chown mysql "$folder"; chmod o+x "$VAR"; }
        mariadb-install-db --no-defaults --datadir="$folder/db" --user="$user" --auth-root-authentication-method=socket \
            --auth-root-socket-user="$(id -un)" --skip-test-db >"$VAR/log/node-$n-install.log" 2>&1 || return 1
    fi
    rm -f "$folder/sock"
    launch "node-$n" "${NODE_AS[@]}" mariadbd --no-defaults --datadir="$folder/db" --socket="$folder/sock" \
        --pid-file="$folder/pid" --bind-address="127.0.0.1$n" --port="$GALERA_PORT" \
        --character-set-server=utf8mb4 --collation-server=utf8mb4_unicode_ci \
        --binlog-format=ROW --innodb-autoinc-lock-mode=2 --default-storage-engine=InnoDB \
        --wsrep-on=ON --wsrep-provider=/usr/lib/galera/libgalera_smm.so --wsrep-cluster-name=facelift-trial \
        --wsrep-cluster-address=gcomm://127.0.0.11,127.0.0.12,127.0.0.13 \
        --wsrep-node-address="127.0.0.1$n" --wsrep-node-name="node-$n" \
        --wsrep-provider-options="gmcast.listen_addr=tcp://127.0.0.1$n:4567;ist.recv_addr=127.0.0.1$n:4568" \
        --wsrep-sst-method=rsync --wsrep-sst-receive-address="127.0.0.1$n:4444" "$@"
    for i in $(seq 1 1200); do
        [ "$(sql_at "$n" "SHOW STATUS LIKE 'wsrep_local_state_comment'" 2>/dev/null | cut -f2)" = Synced ] && return
        sleep 0.1
    done
    say "node $n does not come up; see $VAR/log/node-$n.log"
    return 1
}

NODE_AS=()
[ "$(id -u)" -ne 0 ] || NODE_AS=(setpriv --reuid=mysql --regid=mysql --clear-groups)

sql_at() { mariadb --no-defaults --socket="$VAR/node-$1/sock" --user="$(id -un)" -N -e "$2"; }

balance() { # balance PORT WEB…: what stands before the web nodes
    local port=$1 web
    shift
    {
        printf 'pid "%s/balancer.nginx.pid"; error_log stderr crit; worker_processes 1; daemon off;\nevents { worker_connections 512; }\nhttp {\n' "$RUN"
        printf '    access_log off; client_body_temp_path "%s/balancer"; proxy_temp_path "%s/balancer"; fastcgi_temp_path "%s/balancer"; scgi_temp_path "%s/balancer"; uwsgi_temp_path "%s/balancer";\n' "$RUN" "$RUN" "$RUN" "$RUN" "$RUN"
        printf '    upstream web {\n'
        for web in "$@"; do printf '        server 127.0.0.1:%s max_fails=0;\n' "$web"; done
        printf '    }\n    server {\n        listen 127.0.0.1:%s;\n        location / {\n' "$port"
        # Every change of the page bears an id of its own: to ask the other node again does no harm.
        printf '            proxy_pass http://web; proxy_set_header Host $http_host; proxy_http_version 1.1; proxy_set_header Connection "";\n'
        printf '            proxy_connect_timeout 1s; proxy_read_timeout 15s; proxy_next_upstream error timeout http_502 http_503 non_idempotent; proxy_next_upstream_tries 2;\n'
        printf '        }\n    }\n}\n'
    } >"$RUN/balancer.conf"
    [ "$(id -u)" -ne 0 ] || sed -i '1s/^/user root; /' "$RUN/balancer.conf"
    launch balancer "$ROOT/bin/nginx" "$RUN/balancer.conf"
    wait_for "the balancer" sh -c "! php -r 'exit(@stream_socket_server(\"tcp://127.0.0.1:$port\") ? 0 : 1);'"
}
