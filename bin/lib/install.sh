# Installs what is missing: Debian packages, Composer packages, npm packages, the built page.

debian_missing() {
    local extension modules
    command -v php >/dev/null || echo php8.2-cli
    if command -v php >/dev/null; then
        modules=$(php -m)
        for extension in pdo_mysql:mysql intl:intl mbstring:mbstring dom:xml gd:gd curl:curl zip:zip; do
            grep -qix "${extension%%:*}" <<<"$modules" || echo "php8.2-${extension##*:}"
        done
    else
        echo php8.2-mysql php8.2-intl php8.2-mbstring php8.2-xml php8.2-gd php8.2-curl php8.2-zip
    fi
    command -v composer >/dev/null || echo composer
    command -v unzip >/dev/null || echo unzip
    command -v npm >/dev/null || echo nodejs npm
    [ "${1:-}" = php ] && return
    command -v php-fpm8.2 >/dev/null || echo php8.2-fpm
    command -v nginx >/dev/null || echo nginx-light
    command -v mariadbd >/dev/null || echo mariadb-server
    command -v runsv >/dev/null || echo runit
    command -v logrotate >/dev/null || echo logrotate
    [ "${1:-}" = test ] || return 0
    command -v chromium >/dev/null || echo chromium
    command -v pdftotext >/dev/null || echo poppler-utils
    command -v zbarimg >/dev/null || echo zbar-tools
    /usr/bin/python3 -c 'import ezdxf' 2>/dev/null || echo python3-ezdxf
    /usr/bin/python3 -c 'import intelhex' 2>/dev/null || echo python3-intelhex
    /usr/bin/python3 -c 'import icalendar' 2>/dev/null || echo python3-icalendar
    command -v minizinc >/dev/null || echo minizinc
}

install_debian() {
    local missing
    missing=$(debian_missing "${1:-}" | tr '\n' ' ')
    [ -z "${missing// /}" ] && return
    if [ "$(id -u)" -ne 0 ]; then
        die "these Debian packages are missing: $missing
          ask for: apt-get install --no-install-recommends $missing"
    fi
    quiet apt-update "looking up Debian packages" apt-get update
    # RUNLEVEL=1 keeps the packages from starting system services: Facelift starts its own.
    # shellcheck disable=SC2086
    quiet apt "installing $missing" env RUNLEVEL=1 DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends $missing
}

node_is_new_enough() {
    node -e 'const [a,b]=process.versions.node.split(".").map(Number); process.exit(a>20||(a===20&&b>=19)?0:1)' 2>/dev/null
}

install_php() {
    [ -d "$ROOT/vendor" ] && unchanged composer "$(fingerprint composer.json packages)" && return
    install_debian php
    quiet composer "fetching PHP packages" env COMPOSER_ALLOW_SUPERUSER=1 composer install --working-dir="$ROOT" --no-interaction --no-progress
    stamp composer "$(fingerprint composer.json packages)"
}

install_npm() {
    local hash
    hash=$(fingerprint package.json package-lock.json)
    [ -d "$ROOT/node_modules" ] && unchanged npm "$hash" && return
    node_is_new_enough || die "Node.js 20.19 or newer is needed, found $(node --version 2>/dev/null || echo none)"
    quiet npm "fetching npm packages" env PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD=1 npm ci --prefix "$ROOT"
    stamp npm "$hash"
}

build_page() {
    local hash
    hash=$(fingerprint resources contract vite.config.ts vite.under-test.config.ts tsconfig.json package-lock.json)
    [ -f "$ROOT/public/build/manifest.json" ] && [ -f "$ROOT/public/build-under-test/manifest.json" ] && unchanged build "$hash" && return
    quiet types "reading the contract" npm --prefix "$ROOT" run types
    quiet build "building the page" npm --prefix "$ROOT" run build
    stamp build "$hash"
}
