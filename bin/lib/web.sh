# php-fpm and nginx, and under which address they answer.

write_fpm() {
    local name
    {
        printf '[global]\npid = %s\nerror_log = /dev/stderr\nlog_limit = 4096\ndaemonize = no\n[facelift]\nlisten = %s\nlisten.mode = 0600\npm = dynamic\npm.max_children = 6\npm.start_servers = 2\npm.min_spare_servers = 1\npm.max_spare_servers = 3\nclear_env = yes\ncatch_workers_output = yes\n' "$RUN/php-fpm.pid" "$RUN/php-fpm.sock"
        [ "$(id -u)" -eq 0 ] && printf 'user = root\ngroup = root\n'
        printf 'php_admin_value[memory_limit] = 256M\nphp_admin_value[upload_max_filesize] = 12M\nphp_admin_value[post_max_size] = 13M\nphp_admin_value[expose_php] = 0\nphp_admin_value[zend.exception_ignore_args] = 1\n'
        for name in APP_KEY DB_SOCKET DB_HOST DB_PORT DB_CA DB_USERNAME DB_PASSWORD DB_DATABASE LOG_FILE FACELIFT_PHOTOS FACELIFT_SUPPLIER_URL FACELIFT_INSURER_URL FACELIFT_PROGRAMMER FACELIFT_CLOCK SESSION_SECURE SANCTUM_STATEFUL_DOMAINS FACELIFT_ZONE FACELIFT_DATES FACELIFT_PACK_KEY FACELIFT_SHOP FACELIFT_URL; do
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
    # Of the whole process, and so not for the pool to say.
    launch php-fpm env "PHP_INI_SCAN_DIR=:$ROOT/bin/php" php-fpm8.2 -d realpath_cache_size=4096K "${as_root[@]}" --nodaemonize --fpm-config "$RUN/php-fpm.conf"
    wait_for php-fpm test -S "$RUN/php-fpm.sock"
    wait_for php-fpm test -s "$RUN/php-fpm.pid"
}

# FACELIFT_URL: the address by which the shop is reached, such as through a proxy that ends TLS before it.
# FACELIFT_LISTEN: this machine's address that the proxy asks. FACELIFT_PROXIES: proxies whose word for who asks is
# taken, as addresses or ranges; of anybody else's it is not.
url_scheme() { [ -z "${FACELIFT_URL:-}" ] || printf '%s' "${FACELIFT_URL%%://*}"; }
url_host() { printf '%s' "${FACELIFT_URL:-}" | sed -E 's#^[a-z]+://##; s#[:/].*$##'; }

check_url() {
    [ -z "${FACELIFT_URL:-}" ] || [[ "$FACELIFT_URL" =~ ^https?://[a-zA-Z0-9.-]+(:[0-9]+)?/?$ ]] || die "FACELIFT_URL is not an address such as https://facelift.shop.example: $FACELIFT_URL"
    [ -z "${FACELIFT_LISTEN:-}" ] || [[ "$FACELIFT_LISTEN" =~ ^[0-9.]+$ ]] || die "FACELIFT_LISTEN is not an address such as 192.168.1.20: $FACELIFT_LISTEN"
    [ -z "${FACELIFT_PROXIES:-}" ] || [[ "$FACELIFT_PROXIES" =~ ^[0-9a-fA-F.:/,\ ]+$ ]] || die "FACELIFT_PROXIES is not a list of addresses and ranges: $FACELIFT_PROXIES"
    [ -n "${FACELIFT_URL:-}" ] || return 0
    FACELIFT_URL=${FACELIFT_URL%/}
    export FACELIFT_URL
    [ "$(url_scheme)" = http ] || export SESSION_SECURE=1
    export SANCTUM_STATEFUL_DOMAINS="${SANCTUM_STATEFUL_DOMAINS:-localhost,localhost:*,127.0.0.1,127.0.0.1:*},${FACELIFT_URL#*://}"
}

trusted_proxies() {
    local range
    [ -n "${FACELIFT_PROXIES:-}" ] || return 0
    for range in ${FACELIFT_PROXIES//,/ }; do printf '    set_real_ip_from %s;\n' "$range"; done
    printf '    real_ip_header X-Forwarded-For; real_ip_recursive on;\n'
}

served_hosts() { # a pattern of every name under which requests are answered
    local host="127.0.0.1|localhost${LAN:+|$LAN}${FACELIFT_LISTEN:+|$FACELIFT_LISTEN}" name
    name=$(url_host)
    host+="${name:+|$name}"
    printf '^(%s)$' "${host//./\\.}"
}

nginx_listens() { # nginx_listens PORT: on loopback; with LAN there and on this machine's own address, over TLS
    if [ -z "${LAN:-}" ]; then
        printf '        listen 127.0.0.1:%s;\n' "$1"
        [ -z "${FACELIFT_LISTEN:-}" ] || [ "$FACELIFT_LISTEN" = 127.0.0.1 ] || printf '        listen %s:%s;\n' "$FACELIFT_LISTEN" "$1"
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
error_log stderr warn;
worker_processes 2;
daemon off;
events { worker_connections 256; }
http {
    types { text/html html; text/css css; text/javascript js mjs; application/json json; image/svg+xml svg; font/woff2 woff2; image/png png; application/pdf pdf; }
    default_type application/octet-stream;
    access_log off;
    server_tokens off;
$(trusted_proxies)
    client_body_temp_path "$RUN/body"; fastcgi_temp_path "$RUN/fastcgi"; proxy_temp_path "$RUN/proxy"; scgi_temp_path "$RUN/scgi"; uwsgi_temp_path "$RUN/uwsgi";
    client_max_body_size 13m;
    limit_req_zone \$binary_remote_addr zone=asked:2m rate=60r/s; limit_req_status 429;
    gzip on; gzip_types text/css text/javascript application/json image/svg+xml; gzip_min_length 1024;
    server {
$(nginx_listens "$1")
        if (\$host !~ "$(served_hosts)") { return 421; }
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
            $(if [ -n "${LAN:-}" ] || [ "$(url_scheme)" = https ]; then echo 'fastcgi_param HTTPS on;'; fi)
        }
    }
}
CONF
    } >"$RUN/nginx.conf"
    printf '%s\n' "$1" >"$RUN/port"
    printf '%s/\n' "${FACELIFT_URL:-http${LAN:+s}://127.0.0.1:$1}" >"$RUN/address"
    launch nginx "$ROOT/bin/nginx" "$RUN/nginx.conf"
    wait_for nginx sh -c "! php -r 'exit(@stream_socket_server(\"tcp://127.0.0.1:$1\") ? 0 : 1);'"
    wait_for nginx test -s "$RUN/nginx.pid"
}
