# ./facelift start and reset-demo

start() {
    local back=no lan=no owner='' word
    while [ $# -gt 0 ]; do
        word=$1
        shift
        case "$word" in
            -d) back=yes ;;
            --lan) lan=yes ;;
            --empty) [[ "${1:-}" == *@* ]] || die "start --empty needs the e-mail address of the shop's owner"; owner=$1; shift ;;
            *) die "start knows -d, --lan and --empty OWNER, not $word" ;;
        esac
    done
    printf 'Facelift\n'
    install_debian
    install_php
    install_npm
    build_page
    if alive nginx && [ "$(cat "$RUN/port" 2>/dev/null)" = "$PORT" ]; then
        say "stopping the run that is still there"
    fi
    stop_all
    port_is_free "$PORT" || die "port $PORT is taken by another program; choose one with FACELIFT_PORT=… ./facelift start"
    trap 'stop_all' EXIT
    trap 'printf "\n"; exit 0' INT TERM HUP
    start_mariadb
    secrets
    create_database "$DB_DATABASE"
    quiet migrate "bringing the database up to date" php "$ROOT/artisan" migrate --force
    [ -n "$owner" ] || quiet seed "loading the demo, once" php "$ROOT/artisan" db:seed --force
    start_simulator supplier
    start_simulator insurer
    start_thermometer
    start_programmer
    quiet displays "putting two made-up displays into the programmer" php "$ROOT/artisan" facelift:displays
    start_intake
    start_nightly
    [ "$lan" = no ] || lan_open
    write_fpm
    start_fpm
    start_nginx "$PORT"
    printf '\n  Open %s://127.0.0.1:%s/\n\n' "$(cat "$RUN/scheme")" "$PORT"
    [ "$lan" = no ] || lan_says
    if [ -n "$owner" ]; then
        printf '  %s sets a password here, once, within two days:\n    ' "$owner"
        php "$ROOT/artisan" facelift:invite "$owner" --owner --at "$(cat "$RUN/scheme")://127.0.0.1:$PORT"
        printf '\n'
    else
        printf '  Demo accounts, password %s\n' "$FACELIFT_DEMO_PASSWORD"
        printf '    owner@lindenhalt.example       Ilse Varga\n    technician@lindenhalt.example  Tomo Reket\n    desk@lindenhalt.example        Pia Lundqvist\n\n'
    fi
    if [ "$back" = yes ]; then
        trap - EXIT
        say "running in the background; ./facelift stop ends it"
        return
    fi
    say "Ctrl-C stops everything"
    while alive nginx && alive php-fpm && alive mariadb; do
        sleep 1 &
        wait $! || true
    done
    say "a server has stopped; see $VAR/log"
}

reset_demo() {
    local started=no
    install_debian
    install_php
    if ! alive mariadb; then
        start_mariadb
        started=yes
        trap 'stop_one mariadb TERM' EXIT
    fi
    secrets
    create_database "$DB_DATABASE"
    quiet migrate "emptying the database" php "$ROOT/artisan" migrate:fresh --force
    quiet seed "loading the demo" php "$ROOT/artisan" db:seed --force
    [ "$started" = yes ] && stop_one mariadb TERM
    say "the demo is as new"
}
