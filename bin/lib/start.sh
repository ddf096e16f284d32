# ./facelift start and reset-demo

start() {
    BACK=no
    OPEN_LAN=no
    OWNER=''
    local word
    while [ $# -gt 0 ]; do
        word=$1
        shift
        case "$word" in
            -d) BACK=yes ;;
            --lan) OPEN_LAN=yes ;;
            --history) export FACELIFT_HISTORY=1 ;;
            --empty) [[ "${1:-}" == *@* ]] || die "start --empty needs the e-mail address of the shop's owner"; OWNER=$1; shift ;;
            *) die "start knows -d, --lan, --history and --empty OWNER, not $word" ;;
        esac
    done
    printf 'Facelift\n'
    enough_room
    check_url
    alone bring_up
    says_where
    if [ "$BACK" = yes ]; then
        trap - EXIT
        say "running in the background; ./facelift stop ends it"
        return
    fi
    say "Ctrl-C stops everything"
    while ours; do
        # Services have supervisors; this looks after who looks after these.
        alive supervisor || supervisor
        sleep 1 &
        wait $! || true
    done
    trap - EXIT
    say "stopped, or taken over by another start"
}

# Whose start it is: another start, or a stop, takes it away.
ours() { [ "$(cat "$RUN/started" 2>/dev/null)" = "$STARTED" ]; }

bring_up() {
    install_debian
    install_php
    install_npm
    build_page
    alive nginx && say "stopping the run that is still there"
    stop_all
    port_is_free "$PORT" || die "port $PORT is taken by another program; choose one with FACELIFT_PORT=… ./facelift start"
    STARTED=$(identity "$$")
    printf '%s\n' "$STARTED" >"$RUN/started"
    trap '! ours || stop_all' EXIT
    trap 'printf "\n"; exit 0' INT TERM HUP
    supervise
    ! own_database || start_mariadb
    secrets
    create_database "$DB_DATABASE"
    quiet migrate "bringing the database up to date" php "$ROOT/artisan" migrate --force
    [ -n "$OWNER" ] || load_demo "loading the demo, once"
    # A stand-in for whatever the shop does not have yet.
    [ -n "${FACELIFT_SUPPLIER_URL:-}" ] || start_simulator supplier
    [ -n "${FACELIFT_INSURER_URL:-}" ] || start_simulator insurer
    [ -n "${FACELIFT_THERMOMETER:-}" ] || start_thermometer
    if [ -z "${FACELIFT_PROGRAMMER:-}" ]; then
        start_programmer
        quiet displays "putting two made-up displays into the programmer" php "$ROOT/artisan" facelift:displays
    fi
    start_intake
    start_nightly
    [ "$OPEN_LAN" = no ] || lan_open
    write_fpm
    start_fpm
    start_nginx "$PORT"
}

says_where() {
    local address
    address=$(cat "$RUN/address")
    printf '\n  Open %s\n\n' "$address"
    [ "$OPEN_LAN" = no ] || lan_says
    if [ -n "$OWNER" ]; then
        printf '  %s sets a password here, once, within two days:\n    ' "$OWNER"
        php "$ROOT/artisan" facelift:invite "$OWNER" --owner --at "${address%/}"
        printf '\n'
    else
        printf '  Demo accounts, password %s\n' "$FACELIFT_DEMO_PASSWORD"
        printf '    owner@lindenhalt.example       Ilse Varga\n    technician@lindenhalt.example  Tomo Reket\n    desk@lindenhalt.example        Pia Lundqvist\n\n'
    fi
}

# The demo, if there is none; with two years of history if that was asked for, which says how far it is.
load_demo() { # load_demo WHAT
    if [ -n "${FACELIFT_HISTORY:-}" ]; then
        say "$1, with two years of history"
        php "$ROOT/artisan" db:seed --force 2>&1 | grep --line-buffered history: || say "there is a demo already; its history comes with ./facelift reset-demo --history"
    else
        quiet seed "$1" php "$ROOT/artisan" db:seed --force
    fi
}

reset_demo() {
    local started=no
    case "${1:-}" in
        '') ;;
        --history) export FACELIFT_HISTORY=1 ;;
        *) die "reset-demo knows --history, not $1" ;;
    esac
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
    load_demo "loading the demo"
    [ "$started" = yes ] && stop_one mariadb TERM
    say "the demo is as new"
}
